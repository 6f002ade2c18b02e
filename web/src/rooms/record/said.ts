import type { Entry } from "../../api/client";

/** A value inside an entry as JSON has it. */
export type Value = string | number | boolean | null | undefined | Value[] | { [name: string]: Value };

export type Path = (string | number)[];

/** One thing in an entry that can be said otherwise. */
export type Said = { path: Path; name: string } & (
  | { kind: "text" | "choice"; value: string }
  | { kind: "number"; value: number }
  | { kind: "tick"; value: boolean }
  | { kind: "list"; value: (string | number)[] }
  | { kind: "group"; items: Said[][] }
);

/** What an entry may say besides what it says, empty: so that it can be added. */
const BLANK: { [kind: string]: { [name: string]: Value } } = {
  removed: { mark: { text: "", state: "" }, state: "", within: "" },
};

/** What another one of a list looks like. */
const ANOTHER: { [name: string]: Value } = {
  fasteners: {
    kind: "SCREW",
    drive: "SLOTTED",
    head: "NOT_SAID",
    threadMm: "",
    lengthMm: "",
    count: 1,
    traits: [],
  },
  loose: { name: "", count: 1 },
  joints: { kind: "SOLDER", detail: "" },
};

const isNamed = (value: Value): value is { id: string; words: string } =>
  typeof value === "object" && value !== null && !Array.isArray(value) && "id" in value && "words" in value;

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-/;
const CHOICE = /^[A-Z][A-Z0-9]*(_[A-Z0-9]+)*$/;

/** Everything in an entry that can be said otherwise, in its own order. What refers to something else stays as it is. */
export function saidIn(entry: Entry): Said[] {
  const { kind, ...rest } = entry as unknown as { kind: string; [name: string]: Value };
  return leaves({ ...BLANK[kind], ...rest }, []);
}

function leaves(value: { [name: string]: Value }, path: Path): Said[] {
  return Object.entries(value).flatMap(([name, inner]) => leaf(name, inner, [...path, name]));
}

function leaf(name: string, value: Value, path: Path): Said[] {
  if (typeof value === "boolean") return [{ kind: "tick", path, name, value }];
  if (typeof value === "number") return [{ kind: "number", path, name, value }];
  if (typeof value === "string") {
    if (UUID.test(value)) return [];
    return [{ kind: CHOICE.test(value) || isChoice(path) ? "choice" : "text", path, name, value }];
  }
  if (Array.isArray(value)) {
    const objects = name in ANOTHER || value.some((one) => typeof one === "object");
    if (!objects) return [{ kind: "list", path, name, value: value as (string | number)[] }];
    return [
      {
        kind: "group",
        path,
        name,
        items: value.map((one, index) =>
          isNamed(one)
            ? leaf(name, one, [...path, index])
            : leaves(filled(name, one as { [name: string]: Value }), [...path, index]),
        ),
      },
    ];
  }
  if (isNamed(value)) return [{ kind: "text", path: [...path, "words"], name, value: value.words }];
  return value === null || value === undefined ? [] : leaves(value, path);
}

/** An item with what it might say as well. */
const filled = (name: string, one: { [name: string]: Value }): { [name: string]: Value } => ({
  ...((ANOTHER[name] as { [name: string]: Value } | undefined) ?? {}),
  ...one,
});

/** Fields that hold one of a few words even while they are empty. */
const isChoice = (path: Path) => path.length === 1 && path[0] === "state";

/** The entry with something said otherwise. */
export function saying(entry: Entry, path: Path, value: Value): Entry {
  return put(entry as unknown as Value, path, value) as unknown as Entry;
}

function put(into: Value, path: Path, value: Value): Value {
  const [first, ...rest] = path;
  if (first === undefined) return value;
  if (typeof first === "number") {
    const list = Array.isArray(into) ? [...into] : [];
    list[first] = put(list[first], rest, value);
    return list;
  }
  const object = typeof into === "object" && into !== null && !Array.isArray(into) ? { ...into } : {};
  object[first] = put(object[first], rest, value);
  // what is called otherwise is another thing: its id follows from its words
  if (first === "words" && isNamed(object) && rest.length === 0) object.id = "";
  return object;
}

/** The entry with one more in a list of it. */
export function withAnother(entry: Entry, path: Path): Entry {
  const list = at(entry as unknown as Value, path);
  const many = Array.isArray(list) ? list.length : 0;
  return saying(entry, [...path, many], ANOTHER[String(path.at(-1))] ?? "");
}

/** Whether one more can be added to a list. */
export const canGrow = (name: string) => name in ANOTHER;

/** The entry without one of a list of it. */
export function without(entry: Entry, path: Path, index: number): Entry {
  const list = at(entry as unknown as Value, path);
  return saying(entry, path, Array.isArray(list) ? list.filter((_, place) => place !== index) : list);
}

function at(value: Value, path: Path): Value {
  return path.reduce<Value>(
    (inner, step) =>
      typeof inner === "object" && inner !== null ? (inner as { [step: string]: Value })[step] : undefined,
    value,
  );
}

/** What was left empty and may be is not said at all. */
export function cleaned(entry: Entry): Entry {
  const kind = entry.kind as string;
  const said = { ...(entry as unknown as { [name: string]: Value }) };
  for (const name of Object.keys(BLANK[kind] ?? {})) if (isEmpty(said[name])) delete said[name];
  return drop(said) as unknown as Entry;
}

const isEmpty = (value: Value): boolean =>
  value === "" ||
  (typeof value === "object" &&
    value !== null &&
    !Array.isArray(value) &&
    Object.values(value).every(isEmpty));

/** A measure that was not entered is none, not an empty text. */
function drop(value: Value): Value {
  if (Array.isArray(value)) return value.map(drop);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([name, inner]) => !(name.endsWith("Mm") && inner === ""))
      .map(([name, inner]) => [name, drop(inner)]),
  );
}
