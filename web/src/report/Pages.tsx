import { useLayoutEffect, useRef } from 'react';
import type { Schemas } from '../api/client';

const PX_PER_MM = 96 / 25.4;

/** On the screen each page is a sheet of paper with its margins. */
const ON_SCREEN = `
@media screen {
  .report > div { margin: 0 auto 1rem; border: 1px solid #7d898d; background: #fff; }
  .report .customer { padding-bottom: 40mm; }
  .report .sign { left: 16mm; right: auto; bottom: 14mm; width: calc(100% - 32mm); }
}`;

interface Props {
  report: Schemas['Pages'];
  /** Of the place on the screen, in pixels: a page that is wider is shown smaller. */
  room: number;
}

/**
 * The pages as the server wrote them, in a tree of their own, so that their style and that of the application never meet. The
 * size of the paper is a matter of the whole document, as long as they are shown.
 */
export function Pages({ report, room }: Props) {
  const host = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    const root = host.current!.shadowRoot ?? host.current!.attachShadow({ mode: 'open' });
    root.innerHTML = report.pages;
    const ofDocument = sheetOf(report.paper);
    document.adoptedStyleSheets.push(ofDocument);
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== ofDocument);
    };
  }, [report]);
  useLayoutEffect(() => {
    host.current!.shadowRoot!.adoptedStyleSheets = [
      sheetOf(report.style + ON_SCREEN + onScreen(report.paper, room)),
    ];
  }, [report, room]);
  return <div ref={host} style={{ printColorAdjust: 'exact' }} data-report />;
}

function sheetOf(css: string): CSSStyleSheet {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(css);
  return sheet;
}

/** The size of the paper and its margins, as they are said of a printed page. */
function onScreen(paper: string, room: number): string {
  const width = Number(/size: ([\d.]+)mm/.exec(paper)?.[1] ?? 210);
  const margin = /margin: ([^;]+);/.exec(paper)?.[1];
  const zoom = room > 0 ? Math.min(1, room / (width * PX_PER_MM + 2)) : 1;
  return `@media screen { .report { zoom: ${zoom}; } .report > div { width: ${width}mm; padding: ${margin}; } }`;
}
