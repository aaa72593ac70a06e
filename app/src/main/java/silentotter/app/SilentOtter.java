package silentotter.app;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import silentotter.app.standin.Simulate;
import silentotter.app.storage.DataFolder;
import silentotter.app.storage.Maintenance;

/** Starts the server, or runs a command without it: {@code backup}, {@code restore}, {@code simulate}. */
@SpringBootApplication
@MapperScan(basePackages = "silentotter.app", annotationClass = org.apache.ibatis.annotations.Mapper.class)
public class SilentOtter {
    private static final String DATA = "--otter.data=";

    public static void main(String[] args) {
        if (args.length > 0 && args[0].equals(Simulate.COMMAND)) {
            System.exit(Simulate.run(List.of(args).subList(1, args.length), System.out, System.err));
        }
        DataFolder folder = new DataFolder(Path.of(Arrays.stream(args)
                .filter(a -> a.startsWith(DATA))
                .map(a -> a.substring(DATA.length()))
                .findFirst()
                .orElse("data")));
        if (args.length > 0 && Maintenance.COMMANDS.contains(args[0])) {
            System.exit(Maintenance.run(folder, args[0], args.length > 1 ? args[1] : ""));
        }
        refuseIfHeld(folder);
        // A damaged file must be named before anything opens, migrates or writes it.
        folder.problem().ifPresent(problem -> {
            System.err.println(problem);
            System.exit(2);
        });
        SpringApplication.run(SilentOtter.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** Said in words before anything starts; the server itself then holds the folder, see {@code FolderLock}. */
    private static void refuseIfHeld(DataFolder folder) {
        String at = folder.folder().toAbsolutePath().toString();
        try {
            Optional<DataFolder.Held> held = folder.hold();
            if (held.isEmpty()) {
                System.err.println(
                        "Silent Otter is running already on " + at + ". Use that one, or another folder with --data.");
                System.exit(2);
            }
            held.get().close();
        } catch (IOException e) {
            System.err.println("The data folder " + at + " cannot be used: " + e.getMessage());
            System.exit(2);
        }
    }
}
