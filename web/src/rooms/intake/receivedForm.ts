import type { Schemas } from "../../api/client";
import { readAmount } from "../../api/queries";

export type Received = Schemas["Received"];

/** What the form for a camera holds, all as typed. */
export interface Form {
  maker: string;
  model: string;
  pattern: string;
  serial: string;
  bodyType: string;
  family: string;
  lens: string;
  owner: string;
  contact: string;
  shopsOwn: boolean;
  paid: string;
  worth: string;
  accessories: string;
  complaint: string;
  series: string;
  speeds: string;
  promised: string;
  scope: string;
  /** What tells its pattern to the eye, parted by commas. */
  features: string;
}

export const DOUBLING = "1 1/2 1/4 1/8 1/15 1/30 1/60 1/125 1/250 1/500";
export const OLDER = "1 1/2 1/5 1/10 1/25 1/50 1/100 1/250";

export const BLANK: Form = {
  maker: "",
  model: "",
  pattern: "",
  serial: "",
  bodyType: "RIGID",
  family: "LEAF_UNIT",
  lens: "",
  owner: "",
  contact: "",
  shopsOwn: false,
  paid: "",
  worth: "",
  accessories: "",
  complaint: "",
  series: "DOUBLING",
  speeds: DOUBLING,
  promised: "",
  scope: "",
  features: "",
};

/** What was paid for a camera of the shop's own, and what it is worth. */
export interface Amounts {
  paid?: Schemas["Money"];
  worth?: Schemas["Money"];
}

/** Reads the amounts of the form; the server says which of them is none. */
export async function amountsOf(form: Form): Promise<Amounts> {
  if (!form.shopsOwn) return {};
  return { paid: await readAmount("paid", form.paid), worth: await readAmount("worth", form.worth) };
}

export const list = (text: string) =>
  text
    .split(/[,;\n]/)
    .map((one) => one.trim())
    .filter((one) => one !== "");

/** The entry that the form stands for; its values are judged by the server. */
export function received(form: Form, amounts: Amounts): Received {
  return {
    kind: "received",
    camera: {
      maker: form.maker,
      model: form.model,
      pattern: form.pattern,
      serial: form.serial,
      bodyType: form.bodyType as Schemas["Camera"]["bodyType"],
      family: form.family as Schemas["Camera"]["family"],
    },
    owner: {
      name: form.owner,
      contact: form.contact,
      shopsOwn: form.shopsOwn,
      ...amounts,
    },
    lens: form.lens,
    accessories: list(form.accessories),
    complaint: form.complaint,
    series: form.series as Received["series"],
    speeds: form.speeds.split(/[\s,;]+/).filter((one) => one !== ""),
    promised: form.promised === "" ? undefined : form.promised,
    features: list(form.features),
  };
}

export const scopeItems = (form: Form) => list(form.scope);

/** The form for a camera that is in already, to describe it anew. */
export function formOf(entry: Received): Form {
  const amount = (money?: Schemas["Money"]) => (money === undefined ? "" : (money.minor / 100).toFixed(2));
  return {
    ...BLANK,
    ...entry.camera,
    lens: entry.lens,
    owner: entry.owner.name,
    contact: entry.owner.contact,
    shopsOwn: entry.owner.shopsOwn,
    paid: amount(entry.owner.paid),
    worth: amount(entry.owner.worth),
    accessories: entry.accessories.join(", "),
    complaint: entry.complaint,
    series: entry.series,
    speeds: entry.speeds.join(" "),
    promised: entry.promised ?? "",
    features: entry.features.join(", "),
  };
}
