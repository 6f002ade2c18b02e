import { afterEach, beforeEach, expect, it, vi } from "vitest";

type Queue = typeof import("./queue");

const line = (log: string, id: string) => ({
  log,
  by: "Ada",
  basedOn: 1,
  lines: [{ id, saidAt: "2031-03-04T09:00:00Z", entry: { kind: "noted" as const, text: id } }],
});
const taken = () => new Response(JSON.stringify({ log: "R-0001", lastSequence: 2 }), { status: 200 });
const refused = () =>
  new Response(JSON.stringify({ detail: "is back already", code: "alreadyBack" }), { status: 409 });
const gone = () => Promise.reject(new TypeError("network"));

let fetched: string[];
let answers: (() => Response | Promise<never>)[];

async function queue(): Promise<Queue> {
  vi.resetModules();
  return import("./queue");
}

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  fetched = [];
  answers = [];
  // the client takes hold of fetch when it is made
  vi.stubGlobal(
    "Request",
    class extends Request {
      constructor(input: string | URL | Request, init?: RequestInit) {
        super(typeof input === "string" && input.startsWith("/") ? `http://here${input}` : input, init);
      }
    },
  );
  vi.stubGlobal("fetch", async (request: Request) => {
    const body = (await request.clone().json()) as { lines: { id: string }[] };
    fetched.push(body.lines[0].id);
    return (answers.shift() ?? taken)();
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it("sends at once and resolves with how far the log goes", async () => {
  const { send, queueState } = await queue();
  expect(await send(line("R-0001", "a"))).toBe(2);
  expect(queueState()).toMatchObject({ waiting: 0, away: false });
});

it("keeps lines while the server is away, and sends them in order, each once, when it is back", async () => {
  const { send, queueState, work } = await queue();
  answers = [gone, gone];
  expect(await send(line("R-0001", "a"))).toBeUndefined();
  void send(line("R-0001", "b"));
  await vi.waitFor(() => expect(queueState()).toMatchObject({ waiting: 2, away: true }));
  fetched = [];
  answers = [];
  await work();
  await vi.waitFor(() => expect(queueState()).toMatchObject({ waiting: 0, away: false }));
  expect(fetched).toEqual(["a", "b"]);
});

it("tells the one who waits for it that a line is refused, and goes on with the next", async () => {
  const { send, queueState } = await queue();
  answers = [refused];
  const first = send(line("R-0001", "a"));
  const second = send(line("R-0001", "b"));
  await expect(first).rejects.toMatchObject({ code: "alreadyBack", message: "is back already" });
  await expect(second).resolves.toBeDefined();
  expect(queueState().refused).toHaveLength(0);
});

it("shows a line that is refused later, when nobody waits for it any more", async () => {
  const { send, queueState } = await queue();
  answers = [gone];
  await send(line("R-0001", "a"));
  answers = [refused];
  await vi.advanceTimersByTimeAsync(2100);
  await vi.waitFor(() => expect(queueState().refused).toHaveLength(1));
  expect(queueState().refused[0].sending.lines[0].id).toBe("a");
});

it("keeps lines on any trouble of the server itself", async () => {
  const { send, queueState, work } = await queue();
  for (const status of [500, 503, 507]) {
    answers = [() => new Response(JSON.stringify({ detail: "broken" }), { status })];
    expect(await send(line("R-0001", `at ${status}`))).toBeUndefined();
    await vi.waitFor(() => expect(queueState()).toMatchObject({ waiting: 1, away: true }));
    await work();
    await vi.waitFor(() => expect(queueState()).toMatchObject({ waiting: 0, away: false }));
  }
});

it("keeps what was refused through a reload, until it is sent again or discarded", async () => {
  const first = await queue();
  answers = [gone];
  await first.send(line("shelf", "a"));
  answers = [refused];
  await vi.advanceTimersByTimeAsync(2100);
  await vi.waitFor(() => expect(first.queueState().refused).toHaveLength(1));

  const again = await queue();
  expect(again.queueState().refused[0]).toMatchObject({
    message: "is back already",
    sending: { log: "shelf" },
  });
  fetched = [];
  again.retry(again.queueState().refused[0]);
  await vi.waitFor(() => expect(fetched).toEqual(["a"]));
  expect(again.queueState().refused).toHaveLength(0);
  expect(Object.keys(localStorage)).toEqual([]);
});

it("adopts lines of a queue from before logs had names", async () => {
  const { log, ...rest } = line("R-0001", "older");
  localStorage.setItem("ruvant.queue.older", JSON.stringify([{ ...rest, tag: log }]));
  const { work } = await queue();
  await work();
  await vi.waitFor(() => expect(fetched).toEqual(["older"]));
});

it("adopts what a window left behind when it was closed", async () => {
  localStorage.setItem("ruvant.queue.gone", JSON.stringify([line("R-0001", "left")]));
  const { queueState, work } = await queue();
  expect(queueState().waiting).toBe(1);
  await work();
  await vi.waitFor(() => expect(fetched).toEqual(["left"]));
  expect(Object.keys(localStorage)).toEqual([]);
});

it("throws away what it cannot read of an old queue and starts", async () => {
  localStorage.setItem("ruvant.queue.broken", "{nonsense");
  const { queueState } = await queue();
  expect(queueState().waiting).toBe(0);
});

it("says what is the matter with the server, and takes up what waits after a reload", async () => {
  const full = () =>
    new Response(
      JSON.stringify({ detail: "This is not saved yet: the disk is full.", remedy: "Make room." }),
      {
        status: 507,
      },
    );
  const before = await queue();
  answers = [full, full, full];
  expect(await before.send(line("R-0001", "a"))).toBeUndefined();
  await vi.waitFor(() =>
    expect(before.queueState()).toMatchObject({
      waiting: 1,
      trouble: "This is not saved yet: the disk is full. Make room.",
    }),
  );
  const after = await queue();
  expect(after.queueState().waiting).toBe(1);
  answers = [];
  await after.work();
  await vi.waitFor(() => expect(after.queueState()).toMatchObject({ waiting: 0, trouble: "" }));
});

it("sends lines though the browser has no room to keep them, and says so while they wait", async () => {
  const { send, queueState } = await queue();
  const full = vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  answers = [gone];
  await send(line("R-0001", "a"));
  expect(queueState()).toMatchObject({ waiting: 1, onlyHere: true });
  await vi.advanceTimersByTimeAsync(2100);
  await vi.waitFor(() => expect(queueState()).toMatchObject({ waiting: 0, onlyHere: false }));
  full.mockRestore();
});

const signedOut = () =>
  new Response(JSON.stringify({ code: "notSignedIn", detail: "Nobody" }), { status: 401 });
const byAnother = () =>
  new Response(JSON.stringify({ code: "signedByAnother", detail: "This is from Ada" }), { status: 403 });

it("keeps a line while nobody is signed in, and sends it once somebody is", async () => {
  const { send, queueState, tryAgain } = await queue();
  answers = [signedOut];
  expect(await send(line("R-0001", "a"))).toBeUndefined();
  expect(queueState()).toMatchObject({ waiting: 1, away: false, held: ["Ada"], refused: [] });
  tryAgain();
  await vi.waitFor(() => expect(queueState()).toMatchObject({ waiting: 0, held: [] }));
});

it("lets others go on while a line waits for whoever typed it", async () => {
  const { send, queueState, tryAgain } = await queue();
  answers = [byAnother];
  expect(await send(line("R-0001", "hers"))).toBeUndefined();
  expect(await send({ ...line("R-0001", "his"), by: "Ben" })).toBe(2);
  expect(queueState()).toMatchObject({ waiting: 1, held: ["Ada"] });
  expect(fetched).toEqual(["hers", "his"]);
  tryAgain();
  await vi.waitFor(() => expect(fetched).toEqual(["hers", "his", "hers"]));
});

it("sends a refused line as it was changed, once, and keeps nothing of what was refused", async () => {
  const { send, queueState, mended } = await queue();
  answers = [gone];
  await send(line("R-0001", "a"));
  answers = [refused];
  await vi.advanceTimersByTimeAsync(2100);
  await vi.waitFor(() => expect(queueState().refused).toHaveLength(1));
  fetched = [];
  const [one] = queueState().refused;
  mended(one, [{ ...one.sending.lines[0], entry: { kind: "noted", text: "changed" } }]);
  await vi.waitFor(() => expect(fetched).toEqual(["a"]));
  expect(queueState()).toMatchObject({ waiting: 0, refused: [] });
});
