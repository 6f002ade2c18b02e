import { z } from "zod";
import type { Schemas } from "../../api/client";
import { listOf, money, oneOf, text } from "../../form/typed";
import { moneyTyped } from "../../api/money";

export type Received = Schemas["Received"];
type Camera = Schemas["Camera"];

const several = listOf(/[,;\n]/);

/** How the form for a camera is read. */
export const CAMERA = z.object({
  maker: text,
  model: text,
  pattern: text,
  serial: text,
  bodyType: oneOf<Camera["bodyType"]>(),
  family: oneOf<Camera["family"]>(),
  lens: text,
  owner: text,
  contact: text,
  /** Id of the customer's card; empty for none. */
  customer: text,
  shopsOwn: z.boolean(),
  paid: money,
  worth: money,
  accessories: several,
  complaint: text,
  series: oneOf<Received["series"]>(),
  speed: listOf(/[\s,;]+/),
  promised: text,
  scope: several,
  /** What tells its pattern to the eye. */
  feature: several,
});

/** What it holds, as typed. */
export type Typed = z.input<typeof CAMERA>;

export const DOUBLING = "1 1/2 1/4 1/8 1/15 1/30 1/60 1/125 1/250 1/500";
export const OLDER = "1 1/2 1/5 1/10 1/25 1/50 1/100 1/250";

export const BLANK: Typed = {
  maker: "",
  model: "",
  pattern: "",
  serial: "",
  bodyType: "RIGID",
  family: "LEAF_UNIT",
  lens: "",
  owner: "",
  contact: "",
  customer: "",
  shopsOwn: false,
  paid: "",
  worth: "",
  accessories: "",
  complaint: "",
  series: "DOUBLING",
  speed: DOUBLING,
  promised: "",
  scope: "",
  feature: "",
};

/** The entry that the form stands for; its values are judged by the server. */
export function received(read: z.output<typeof CAMERA>): Received {
  const { maker, model, pattern, serial, bodyType, family, paid, worth } = read;
  return {
    kind: "received",
    camera: { maker, model, pattern, serial, bodyType, family },
    owner: {
      name: read.owner,
      contact: read.contact,
      shopsOwn: read.shopsOwn,
      ...(read.shopsOwn ? { paid, worth } : {}),
      ...(read.shopsOwn || read.customer === "" ? {} : { customer: read.customer }),
    },
    lens: read.lens,
    accessories: read.accessories,
    complaint: read.complaint,
    series: read.series,
    speeds: read.speed,
    promised: read.promised === "" ? undefined : read.promised,
    features: read.feature,
  };
}

/** The form for a camera that is in already, to describe it again. */
export function formOf(entry: Received): Typed {
  return {
    ...BLANK,
    ...entry.camera,
    lens: entry.lens,
    owner: entry.owner.name,
    contact: entry.owner.contact,
    customer: entry.owner.customer ?? "",
    shopsOwn: entry.owner.shopsOwn,
    paid: moneyTyped(entry.owner.paid?.minor ?? 0),
    worth: moneyTyped(entry.owner.worth?.minor ?? 0),
    accessories: entry.accessories.join(", "),
    complaint: entry.complaint,
    series: entry.series,
    speed: entry.speeds.join(" "),
    promised: entry.promised ?? "",
    feature: entry.features.join(", "),
  };
}
