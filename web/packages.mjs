// Installs what package-lock.json names, once. Building needs only the plain dependencies; RUVANT_WEB=all brings the
// checks as well. A stamp tells what is there, because npm ci starts from nothing each time.
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { spawnSync } from "node:child_process";

const all = process.env.RUVANT_WEB !== "build";
const lock = createHash("sha256").update(readFileSync("package-lock.json")).digest("hex");
const stamp = "node_modules/.ruvant-stamp";
const there = existsSync(stamp) ? readFileSync(stamp, "utf8") : "";
if (there === `${lock} all` || (!all && there === `${lock} build`)) process.exit(0);

const omit = all ? [] : ["--omit=dev"];
const result = spawnSync("npm", ["ci", "--no-audit", "--no-fund", ...omit], { stdio: "inherit" });
if (result.status !== 0) process.exit(result.status ?? 1);
writeFileSync(stamp, `${lock} ${all ? "all" : "build"}`);
