/** Where a picture is, by the name it is kept under: in full, and small enough for a list. */
export const wholeOf = (name: string) => `/api/pictures/${name}`;
export const smallOf = (name: string) => `/api/pictures/${name}/small`;
