/** An amount as it is written: 14.50. */
export const money = (minor: number) => `${minor < 0 ? "−" : ""}${(Math.abs(minor) / 100).toFixed(2)}`;

/** An amount that is added or taken away: +14.50, −3.00. */
export const signedMoney = (minor: number) => (minor < 0 ? money(minor) : `+${money(minor)}`);

/** The figures of a typed amount in minor units, to begin a form with. */
export const moneyTyped = (minor: number) => (minor === 0 ? "" : (minor / 100).toFixed(2));
