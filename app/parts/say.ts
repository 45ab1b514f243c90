/** Says something briefly at the foot of the page. The package for it comes after the first load. */
export const say = (text: string): void => void import("sonner").then(({ toast }) => toast(text));
