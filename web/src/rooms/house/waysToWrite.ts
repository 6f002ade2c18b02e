// Places whose way of writing amounts differs from the others'; more can be entered over the interface for programs.
const PLACES = [
  "en-IE",
  "en-GB",
  "en-US",
  "en-CA",
  "en-AU",
  "en-IN",
  "en-ZA",
  "de-DE",
  "de-AT",
  "de-CH",
  "fr-FR",
  "fr-CA",
  "nl-NL",
  "it-IT",
  "es-ES",
  "es-MX",
  "pt-PT",
  "pt-BR",
  "da-DK",
  "sv-SE",
  "nb-NO",
  "fi-FI",
  "pl-PL",
  "cs-CZ",
  "hu-HU",
  "ja-JP",
  "ko-KR",
  "zh-TW",
];

const EXAMPLE = 1234.5;

/** Ways to write an amount, each shown by an example in the currency, and the one chosen among them. */
export function waysToWrite(currency: string, chosen: string): { value: string; label: string }[] {
  const places = PLACES.includes(chosen) ? PLACES : [chosen, ...PLACES];
  const regions = new Intl.DisplayNames("en", { type: "region" });
  return places.map((place) => {
    const amount = new Intl.NumberFormat(place, {
      style: "currency",
      currency,
      currencyDisplay: "narrowSymbol",
    }).format(EXAMPLE);
    const region = new Intl.Locale(place).region;
    return { value: place, label: `${amount}, ${region === undefined ? place : regions.of(region)}` };
  });
}
