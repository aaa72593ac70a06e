import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type Sheet = Schemas['SheetView'];
export type EngineDocument = Schemas['EngineDocument'];
export type JobDocument = Schemas['JobDocument'];
export type Conditions = Schemas['ConditionsDocument'];
export type StoredPass = Schemas['StoredPass'];
export type StoredReading = Schemas['StoredReading'];
export type EscapePath = Schemas['EscapePath'];
export type Examination = Schemas['Examination'];
export type Finding = Schemas['FindingView'];
export type Plug = Schemas['Plug'];

export const api = createClient<paths>({ baseUrl: '/' });

let units = '';

/** In which units the sentences of all answers from now on are wanted. */
export function askForUnits(names: string) {
  units = names;
}

api.use({
  onRequest: ({ request }) => {
    request.headers.set('Otter-Units', units);
    return request;
  },
});

export interface FieldError {
  field: string;
  message: string;
  allowed?: string | null;
}

export type Question = 'REPEAT' | 'PERCENT' | 'MEANT';

/** A refusal by the server (RFC 9457), or the server not answering. */
export class Refusal extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly errors: FieldError[] = [],
    /** Asked instead of done: only the sender knows what is meant. */
    readonly question?: Question,
  ) {
    super(message);
  }

  /** What to say at a field; fields inside lists count for the list. */
  at(field: string): string | undefined {
    const error = this.errors.find(
      (e) => e.field.replace(/\[\d+]$/, '') === field || e.field === field + '.value',
    );
    return error && sentence(error);
  }
}

export function sentence(error: FieldError): string {
  const text = error.message.charAt(0).toUpperCase() + error.message.slice(1);
  return error.allowed && !text.includes(error.allowed) ? `${text}. Allowed: ${error.allowed}.` : `${text}.`;
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** Data of an answer, or a {@link Refusal}. */
export async function answer<T>(call: Promise<Answer<T>>): Promise<T> {
  let result: Answer<T>;
  try {
    result = await call;
  } catch {
    throw new Refusal('Silent Otter does not answer. Is it still running? What you typed is kept here.', 0);
  }
  if (result.error !== undefined || !result.response.ok) {
    const problem = (result.error ?? {}) as {
      title?: string;
      detail?: string;
      errors?: FieldError[];
      question?: Question;
    };
    throw new Refusal(
      problem.detail ?? problem.title ?? 'Refused',
      result.response.status,
      problem.errors ?? [],
      problem.question,
    );
  }
  return result.data as T;
}
