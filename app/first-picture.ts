/**
 * The name of the element that holds the picture of the first page: what an empty browser shows at `/` before any
 * script of ours runs. The build draws it, see `scripts/write-first-picture.ts`; the page itself takes it away.
 */
export const firstPicture = "first-picture";
