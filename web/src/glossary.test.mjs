import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";

const SRC = import.meta.dirname;
const ROOT = join(SRC, "../..");

const walk = (folder, ending) =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return walk(path, ending);
    return ending.test(name) ? [path] : [];
  });

const [terms, avoided] = readFileSync(join(ROOT, "docs/words.md"), "utf8")
  .split("## Not used")
  .map((part) =>
    part
      .split("\n")
      .filter((line) => line.startsWith("| ") && !/^\| (term|instead of) /.test(line))
      .map((line) =>
        line
          .split("|")
          .slice(1, -1)
          .map((cell) => cell.trim()),
      ),
  );

/** What people read: the words of the pages, and the texts that the rules and the server answer with. */
const words = [
  ...walk(SRC, /^words\.ts$/),
  ...walk(join(ROOT, "core/src/main"), /\.(java|json)$/),
  ...walk(join(ROOT, "server/src/main/java"), /\.java$/),
].map((path) => ({ path, text: quoted(path) }));

/** Only what stands in quotes: names in code and comments are not read by those who work. */
function quoted(path) {
  const text = readFileSync(path, "utf8").replace(/\/\*[\s\S]*?\*\/|^\s*\/\/.*$/gm, "");
  return [...text.matchAll(/"((?:[^"\\\n]|\\.)*)"|`((?:[^`\\]|\\.)*)`/g)]
    .map(([, plain, template]) => plain ?? template)
    .join("\n");
}

const interfaceAndCode = [
  readFileSync(join(ROOT, "web/openapi.json"), "utf8"),
  ...walk(join(ROOT, "core/src/main/java"), /\.java$/).map((path) => readFileSync(path, "utf8")),
].join("\n");

it("says every term on some screen, and has it in the code or the interface", () => {
  expect(terms.length).toBeGreaterThan(40);
  const shown = words.map(({ text }) => text.toLowerCase()).join("\n");
  const missing = terms.flatMap(([term, , onScreen, inCode]) => [
    ...(shown.includes(onScreen.toLowerCase()) ? [] : [`${term}: “${onScreen}” is on no screen`]),
    ...(interfaceAndCode.includes(inCode.replaceAll("`", "")) ? [] : [`${term}: ${inCode} is in no code`]),
  ]);
  expect(missing).toEqual([]);
});

it("uses none of the words that were put better", () => {
  expect(avoided.length).toBeGreaterThan(10);
  const found = words.flatMap(({ path, text }) =>
    avoided
      .filter(([old]) => text.toLowerCase().includes(old.toLowerCase()))
      .map(([old]) => `${path.replace(`${ROOT}/`, "")}: ${old}`),
  );
  expect(found).toEqual([]);
});
