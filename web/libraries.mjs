// Writes down which packages went into the pages, with their licences. It ships beside them.
import { readFileSync, existsSync } from "node:fs";

/** Packages that only leave styles and fonts behind are no modules of the bundle: the style sheet names them. */
function inStyles() {
  const styles = readFileSync("src/index.css", "utf8");
  return [...styles.matchAll(/@import "((?:@[^/"]+\/)?[^/"]+)/g)].map((found) => found[1]);
}

function described(name) {
  const folder = `node_modules/${name}`;
  const about = JSON.parse(readFileSync(`${folder}/package.json`, "utf8"));
  if (!about.license) throw new Error(`${name} names no licence: leave it out, or find out.`);
  const text = ["LICENSE", "LICENSE.md", "LICENSE.txt", "license", "LICENCE"]
    .map((file) => `${folder}/${file}`)
    .find((file) => existsSync(file));
  return { name, version: about.version, license: about.license, text: text ? readFileSync(text, "utf8").trim() : "" };
}

export default function libraries() {
  const names = new Set();
  return {
    name: "ruvant-libraries",
    generateBundle(options, bundle) {
      for (const chunk of Object.values(bundle)) {
        for (const module of chunk.moduleIds ?? []) {
          const found = module.match(/node_modules\/((?:@[^/]+\/)?[^/]+)/);
          if (found && !found[1].startsWith(".")) names.add(found[1]);
        }
      }
      const all = [...names, ...inStyles()].sort().map(described);
      const list = all.map((one) => `     (${one.license}) ${one.name} ${one.version}`).join("\n");
      const texts = all
        .filter((one) => one.text)
        .map((one) => `--- ${one.name} ${one.version}\n\n${one.text}\n`)
        .join("\n");
      this.emitFile({ type: "asset", fileName: "libraries.txt", source: `${list}\n\n${texts}` });
    },
  };
}
