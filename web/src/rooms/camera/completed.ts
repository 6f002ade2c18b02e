/**
 * The line with a suggestion taken: it replaces what was typed of it last, before any comma, or is added where
 * nothing of it was typed. "lost washer" with "washer of top cover" becomes "lost washer of top cover".
 */
export function completed(text: string, word: string): string {
  const typed = text.trim();
  if (word.startsWith(",")) return `${typed}${word} `;
  const known = word.toLowerCase();
  if (known.startsWith(typed.toLowerCase())) return `${word} `;
  const comma = typed.search(/[,;]/);
  const head = (comma < 0 ? typed : typed.slice(0, comma)).trimEnd();
  const tail = comma < 0 ? "" : typed.slice(comma);
  const words = head.split(/\s+/);
  const from = words.findIndex(
    (_, index) => index > 0 && known.includes(words.slice(index).join(" ").toLowerCase()),
  );
  const kept = from < 0 ? words : words.slice(0, from);
  return `${[...kept, word].join(" ")}${tail} `;
}
