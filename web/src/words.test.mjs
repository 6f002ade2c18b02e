import { existsSync, readdirSync, readFileSync, statSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";
import { expect, it } from "vitest";

const SRC = import.meta.dirname;

/** Attributes and properties whose text people read or hear. */
const SHOWN = new Set([
  "label",
  "title",
  "placeholder",
  "aria-label",
  "note",
  "hint",
  "action",
  "about",
  "more",
  "alt",
  "empty",
  "said",
  "told",
]);

/** Every page and every part of one; the words files themselves may hold words, tests may say what they look for. */
function files(folder = SRC, ending = /\.tsx$/) {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return name === "testing" ? [] : files(path, ending);
    return ending.test(name) && !/\.test\.tsx?$/.test(name) ? [path] : [];
  });
}

/** A key on the keyboard is called the same in every language. */
const hasLetters = (text) => /\p{L}/u.test(text) && !/^F\d+$/.test(text);

/** Whether one of the texts that an expression may come to is written in it. */
function writes(node) {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return hasLetters(node.text);
  if (ts.isTemplateExpression(node))
    return hasLetters(node.head.text) || node.templateSpans.some((span) => hasLetters(span.literal.text));
  if (ts.isConditionalExpression(node)) return writes(node.whenTrue) || writes(node.whenFalse);
  if (ts.isParenthesizedExpression(node)) return writes(node.expression);
  return false;
}

const shownHere = (path) => shownIn(relative(SRC, path), readFileSync(path, "utf8"));

function shownIn(path, text) {
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const found = [];
  const note = (node) => {
    const { line } = source.getLineAndCharacterOfPosition(node.getStart());
    found.push(`${path}:${line + 1} ${node.getText().replace(/\s+/g, " ").trim().slice(0, 60)}`);
  };
  const visit = (node) => {
    if (ts.isJsxText(node) && hasLetters(node.text)) note(node);
    if (
      ts.isJsxExpression(node) &&
      !ts.isJsxAttribute(node.parent) &&
      node.expression &&
      writes(node.expression)
    )
      note(node);
    if (ts.isJsxAttribute(node) && SHOWN.has(node.name.getText()) && node.initializer) {
      const value = ts.isJsxExpression(node.initializer) ? node.initializer.expression : node.initializer;
      if (value && writes(value)) note(node);
    }
    if (
      ts.isPropertyAssignment(node) &&
      SHOWN.has(node.name.getText().replaceAll('"', "")) &&
      writes(node.initializer)
    )
      note(node);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

it("finds words that are written into a page, and leaves alone what nobody reads", () => {
  const wrong = [
    "<p>Log it</p>",
    '<Button label="Log it" />',
    "<Button label={so ? `Log ${n}` : texts.no} />",
    '<p>{so ? texts.yes : "no"}</p>',
    'const one = { label: "Log it" };',
    "say([entry], { said: `Kept for ${tag}.` });",
  ];
  for (const text of wrong) expect(shownIn("page.tsx", text), text).toHaveLength(1);
  const right = [
    "<p>{texts.logIt} · {count} %</p>",
    '<Button className="flex gap-2" kind="primary" hint="F2" />',
    'const one = { kind: "removed", label: texts.one };',
  ];
  for (const text of right) expect(shownIn("page.tsx", text), text).toEqual([]);
});

it("no page writes what it shows: each folder has a file of its words", () => {
  expect(files().length).toBeGreaterThan(100);
  expect(files().flatMap(shownHere)).toEqual([]);
});

/** A sentence is read by somebody, wherever it is written. */
const SENTENCE = /^\p{Lu}\p{Ll}+ [^<>{}=]*[.!?]$/u;

function sentencesIn(path) {
  const source = ts.createSourceFile(path, readFileSync(path, "utf8"), ts.ScriptTarget.Latest, true);
  const found = [];
  const visit = (node) => {
    if ((ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) && SENTENCE.test(node.text))
      found.push(`${relative(SRC, path)}: ${node.text}`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

it("writes no sentence outside those files, not in code that draws nothing either", () => {
  const code = files(SRC, /\.tsx?$/).filter((path) => !/[wW]ords\.ts$|schema\.d\.ts$/.test(path));
  expect(code.length).toBeGreaterThan(200);
  expect(code.flatMap(sentencesIn)).toEqual([]);
});

it("every word in those files is shown somewhere", () => {
  const sources = files(SRC, /\.tsx?$/).map((path) => readFileSync(path, "utf8"));
  const read = new Set(
    sources.flatMap((text) => [...text.matchAll(/\btexts\.(\w+)/g)].map(([, key]) => key)),
  );
  const words = [];
  const folders = [SRC, ...readdirSync(SRC).map((name) => join(SRC, name))].concat(
    readdirSync(join(SRC, "rooms")).map((name) => join(SRC, "rooms", name)),
  );
  for (const folder of folders) {
    const path = join(folder, "words.ts");
    if (!statSync(folder).isDirectory() || !existsSync(path)) continue;
    const text = readFileSync(path, "utf8");
    const from = text.indexOf("export const texts");
    for (const [, key] of text.slice(from).matchAll(/^ {2}(\w+):/gm)) words.push(key);
  }
  expect(words.length).toBeGreaterThan(1000);
  expect(words.filter((key) => !read.has(key))).toEqual([]);
});
