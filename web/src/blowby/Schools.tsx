import { answer, api, type Schemas, type Sheet } from '../api/client';
import { useChange } from '../job/useSheet';
import { Opinions } from '../station/Opinions';

type School = Schemas['BlowbyOpinion']['school'];

export function Schools({ sheet }: { sheet: Sheet }) {
  const id = sheet.job.id;
  const lead = useChange(id, (school: School) =>
    answer(api.PUT('/api/jobs/{id}/blowby/leading-school', { params: { path: { id } }, body: { school } })),
  );
  return (
    <Opinions<School> opinions={sheet.blowby.analysis.opinions} lead={lead.mutate}>
      They do not measure the same: a maker’s limit belongs to the maker’s orifice, a ceiling to an orifice
      that suits the engine, a share of the air to rated load. The marked one leads; where it cannot be asked,
      the next one does.
    </Opinions>
  );
}
