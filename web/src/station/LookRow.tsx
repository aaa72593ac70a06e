import type { RowsProps } from './station';
import { Row } from '../section/SheetRow';

interface Look {
  cylinder: number;
  look: string;
  oily: boolean;
  odd: boolean;
}

/** What was seen of each cylinder, in a word. */
export function LookRow({ name, looks, ...props }: RowsProps & { name: string; looks: Look[] }) {
  const at = new Map(looks.map((l) => [l.cylinder, l]));
  return looks.length === 0 || props.brief ? null : (
    <Row {...props} name={name} unit="" slim>
      {(c) => {
        const look = at.get(c);
        return (
          <span
            className={`font-sans text-[0.9375rem] ${look?.oily ? 'font-medium text-oil' : look?.odd ? 'font-medium' : ''}`}
          >
            {look?.look}
          </span>
        );
      }}
    </Row>
  );
}
