import { readdirSync, readFileSync, statSync } from "node:fs";
import { dirname, join, normalize, relative } from "node:path";
import { expect, it } from "vitest";

const SRC = import.meta.dirname;

/** Every source file, from here. */
function files(folder = SRC) {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return files(path);
    return /\.tsx?$/.test(name) && !name.endsWith(".d.ts") ? [relative(SRC, path)] : [];
  });
}

const all = files();

function imports(file) {
  const source = readFileSync(join(SRC, file), "utf8");
  return [...source.matchAll(/(?:from|import\()\s*"(\.[^"]+)"/g)].flatMap(([, to]) => {
    const target = normalize(join(dirname(file), to));
    return [".ts", ".tsx", "/index.ts"].map((ending) => target + ending).filter((one) => all.includes(one));
  });
}

/** The first circle among these, as a path from a place back to itself. */
function circle(graph) {
  const done = new Set();
  const walk = (at, path) => {
    if (path.includes(at)) return [...path.slice(path.indexOf(at)), at];
    if (done.has(at)) return undefined;
    for (const next of graph.get(at) ?? []) {
      const found = walk(next, [...path, at]);
      if (found !== undefined) return found;
    }
    done.add(at);
    return undefined;
  };
  for (const start of graph.keys()) {
    const found = walk(start, []);
    if (found !== undefined) return found;
  }
  return undefined;
}

function graphOf(name, among) {
  const graph = new Map();
  for (const file of among)
    for (const to of imports(file))
      if (name(file) !== name(to)) graph.set(name(file), (graph.get(name(file)) ?? new Set()).add(name(to)));
  return graph;
}

const room = (file) => (file.startsWith("rooms/") ? file.split("/")[1] : undefined);
const shipped = all.filter((file) => !/\.test\.tsx?$/.test(file) && !file.startsWith("testing/"));

it("no file is in a circle", () => {
  expect(circle(graphOf((file) => file, shipped))?.join(" → ")).toBeUndefined();
});

it("no folder is in a circle", () => {
  expect(circle(graphOf((file) => room(file) ?? dirname(file), shipped))?.join(" → ")).toBeUndefined();
});

it("a room uses of another room only what that one offers", () => {
  const inside = all.flatMap((file) =>
    imports(file)
      .filter((to) => room(to) !== undefined && room(file) !== undefined && room(to) !== room(file))
      .filter((to) => to !== `rooms/${room(to)}/index.ts`)
      .map((to) => `${file} → ${to}`),
  );
  expect(inside).toEqual([]);
});

it("routes stand above the rooms, and rooms above what they are built of", () => {
  const order = ["api", "hands", "ui", "form", "plots", "valley", "rooms", "shell", "."];
  const level = (file) => order.indexOf(room(file) === undefined ? dirname(file) : "rooms");
  const upward = shipped.flatMap((file) =>
    imports(file)
      .filter((to) => level(to) > level(file))
      .map((to) => `${file} → ${to}`),
  );
  expect(upward).toEqual([]);
});
