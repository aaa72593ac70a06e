import { answer, api, type Schemas, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { Opinions } from '../station/Opinions';

type School = Schemas['OilOpinion']['school'];

export function Schools({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const lead = useChange(id, (school: School) =>
    answer(api.PUT('/api/jobs/{id}/oil/leading-school', { params: { path: { id } }, body: { school } })),
  );
  const opinions = sheet.oil.analysis.opinions.map((o) => ({ ...o, sure: o.proved }));
  return opinions.length === 0 ? (
    <p className="text-soft">The schools are asked as soon as there is a log.</p>
  ) : (
    <Opinions<School> opinions={opinions} lead={lead.mutate}>
      They count by different things: an engine that idles all day uses little a distance and much an hour.
      “Too close” means that the limit lies within what the dips allow. The marked one leads; where it cannot
      be asked, the next one does.
    </Opinions>
  );
}
