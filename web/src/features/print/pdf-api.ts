import { api } from '../../documents/api.ts';

/** Sheets as they are laid out, and the rules of their paper. */
interface LaidOut {
  readonly title: string;
  readonly html: string;
  readonly rules: string;
}
/** A full class takes a few seconds; the server gives up after a minute. */
const PATIENCE_MS = 70_000;

/** PDFs that the server makes of sheets: part of the one way in which this application fetches. */
const pdfApi = api.injectEndpoints({
  endpoints: (build) => ({
    /** Whether this server makes PDFs; where it does not, the browser's own print saves them. */
    getPdfMaker: build.query<{ readonly isThere: boolean }, null>({ query: () => 'pdf' }),
    /** Gives the address of a file that lies in this page. */
    makePdf: build.mutation<string, LaidOut>({
      query: (body) => ({
        url: 'pdf',
        method: 'POST',
        body,
        timeout: PATIENCE_MS,
        responseHandler: async (answer: Response): Promise<unknown> =>
          answer.ok ? URL.createObjectURL(await answer.blob()) : answer.json(),
      }),
    }),
  }),
});

export const { useGetPdfMakerQuery, useMakePdfMutation } = pdfApi;
