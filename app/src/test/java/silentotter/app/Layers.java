package silentotter.app;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.List;

/**
 * Packages from the ground up: each may use what stands below it. One that is named nowhere, as that of a new station is,
 * stands between the two lists.
 */
final class Layers {
    private final String root;
    private final List<List<String>> below;
    private final List<List<String>> above;

    Layers(String root, List<List<String>> below, List<List<String>> above) {
        this.root = root;
        this.below = below;
        this.above = above;
    }

    private int heightOf(String folder) {
        for (int i = 0; i < below.size(); i++) {
            if (below.get(i).contains(folder)) {
                return i;
            }
        }
        for (int i = 0; i < above.size(); i++) {
            if (above.get(i).contains(folder)) {
                return below.size() + 1 + i;
            }
        }
        return below.size();
    }

    /** The folder of a class under the root; empty when it is none of ours, or the root itself. */
    private String folderOf(JavaClass type) {
        String name = type.getPackageName();
        return name.startsWith(root + ".") ? name.substring(root.length() + 1).split("\\.")[0] : "";
    }

    boolean isStation(JavaClass type) {
        return !folderOf(type).isEmpty() && heightOf(folderOf(type)) == below.size();
    }

    /** @param apart whether stations must not use each other either */
    ArchCondition<JavaClass> useOnlyWhatStandsBelow(boolean apart) {
        return new ArchCondition<>("use only packages that stand below their own") {
            @Override
            public void check(JavaClass type, ConditionEvents events) {
                String from = folderOf(type);
                for (Dependency dependency : type.getDirectDependenciesFromSelf()) {
                    String to = folderOf(dependency.getTargetClass());
                    if (from.isEmpty() || to.isEmpty() || from.equals(to)) {
                        continue;
                    }
                    boolean stations = isStation(type) && isStation(dependency.getTargetClass());
                    boolean upward = heightOf(to) > heightOf(from);
                    boolean beside = heightOf(to) == heightOf(from) && (apart || !stations);
                    if (upward || beside) {
                        events.add(SimpleConditionEvent.violated(
                                dependency, from + " → " + to + ": " + dependency.getDescription()));
                    }
                }
            }
        };
    }
}
