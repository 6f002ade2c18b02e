/** Paper as it is usual where the browser's language is spoken: Letter in North America, else A4. */
export const PAPER_HERE = /-(US|CA|MX|PH)$/.test(navigator.language) ? "letter" : "a4";
