import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useState } from "react";
import { Link, Navigate, NavLink, Outlet, useLocation, useNavigate } from "react-router";
import { benchQuery, houseQuery } from "../api/queries";
import { useNow } from "../api/clock";
import { hereQuery } from "../api/people";
import { ordersQuery } from "../api/shelf";
import { moment } from "../ui/dates";
import { useServerEvents } from "./events";
import { useEscapeLeavesField, useKeys } from "../hands/keys";
import { DamageBar } from "./DamageBar";
import { NoticeBar } from "./NoticeBar";
import { notify } from "../hands/notices";
import { onAskForPhone } from "../hands/pairing";
import { cameraOfWell } from "./cameraOfWell";
import { shelfPlace, useScanner } from "../hands/scanner";
import { useMay, useSigner } from "../hands/signer";
import { storedValue } from "../hands/stored";
import { useBell } from "../hands/bell";
import { useTheme } from "./theme";
import { useBenchFocus } from "./useBenchFocus";
import { texts } from "./words";

const Find = lazy(async () => ({ default: (await import("./Find")).Find }));
const SwitchPerson = lazy(async () => ({ default: (await import("../rooms/people")).SwitchPerson }));
const PairPhone = lazy(async () => ({ default: (await import("../rooms/phone")).PairPhone }));
const KeysHelp = lazy(async () => ({ default: (await import("./KeysHelp")).KeysHelp }));

const lastCamera = storedValue("ruvant.lastCamera", "");

/** What stands round every page: where to go, what runs, who signs; and the keys that work anywhere. */
export function Shell() {
  const [open, setOpen] = useState<"none" | "find" | "keys" | "people" | "phone">("none");
  const navigate = useNavigate();
  const { theme, toggle } = useTheme();
  const { signer, people, signedIn, next } = useSigner();
  const here = useQuery(hereQuery).data;
  const only = here?.onlyJob;
  const money = useMay("MONEY");
  const mayWork = useMay("BENCH");
  const switching = signedIn ? () => setOpen("people") : next;
  const parcels =
    useQuery({ ...ordersQuery, enabled: only === undefined }).data?.filter((one) => one.arrived !== undefined)
      .length ?? 0;
  useServerEvents();
  useBenchFocus();
  useBell();
  useEscapeLeavesField();
  const { pathname } = useLocation();
  const camera = /^\/camera\/([^/]+)/.exec(pathname)?.[1];
  useEffect(() => {
    if (camera !== undefined) lastCamera.write(camera);
  }, [camera]);
  useScanner((scanned) => {
    if (scanned.kind === "tag") void navigate(`/camera/${scanned.tag}`);
    else if (scanned.kind === "shelf") void navigate(shelfPlace(scanned.number));
    else
      void cameraOfWell(scanned.well, camera ?? lastCamera.read()).then((tag) =>
        tag === ""
          ? notify({ kind: "problem", text: texts.wellOfWhichCameraScan(scanned.well) })
          : navigate(`/camera/${tag}/strip?well=${scanned.well}`),
      );
  });
  useKeys({
    F2: () => setOpen("find"),
    w: () => void navigate("/waits"),
    h: () => void navigate("/shelf"),
    "?": () => setOpen("keys"),
    b: () => navigate("/"),
    F4: () => void navigate("/plan"),
    F8: () => mayWork && setOpen("phone"),
    n: () => navigate("/new"),
    p: switching,
    t: toggle,
  });
  useEffect(() => onAskForPhone(() => setOpen("phone")), []);
  const close = (stays: boolean) => !stays && setOpen("none");
  // somebody who may read one job is always at that one
  if (only !== undefined && camera !== only) return <Navigate to={`/camera/${only}`} replace />;
  return (
    <div className="window flex h-full flex-col">
      <a
        href="#page"
        className="focus:bg-sheet sr-only focus:not-sr-only focus:absolute focus:z-50 focus:p-3"
      >
        {texts.skipToContent}
      </a>
      <header className="bg-bar text-on-bar flex min-h-12 shrink-0 flex-wrap items-center gap-1 px-3 min-[900px]:flex-nowrap print:hidden">
        <Link
          to="/"
          className="mr-2 flex min-h-11 items-center gap-2 px-1 text-[19px] font-bold tracking-tight"
        >
          <svg width="26" height="22" viewBox="0 0 26 22" aria-hidden="true">
            <path
              d="M2 4h4v4h4v5h6V8h4V4h4"
              fill="none"
              stroke="#e5b556"
              strokeWidth="2.4"
              strokeLinejoin="round"
              strokeLinecap="round"
            />
            <circle cx="13" cy="18.6" r="2" fill="#e5b556" />
          </svg>
          {texts.ruvant}
        </Link>
        <nav aria-label={texts.places} className={only === undefined ? "flex flex-wrap" : "hidden"}>
          <Place to="/" label={texts.benchLabel} />
          <Place to="/plan" label={texts.plan} />
          <Place to="/cameras" label={texts.cameras} />
          <Place to="/shelf" label={texts.shelf} count={parcels} told={texts.toUnpackOf(parcels)} />
          {money && <Place to="/accounts" label={texts.accounts} />}
          <Place to="/known" label={texts.whatWeKnow} />
          <Place to="/house" label={texts.settings} />
        </nav>
        <div className="ml-auto flex flex-wrap items-center gap-1.5">
          {only === undefined && (
            <>
              <Running />
              <BarButton onClick={() => setOpen("find")} label={texts.searchLabel} hint="F2">
                {texts.search}
              </BarButton>
            </>
          )}
          <BarButton
            onClick={toggle}
            label={theme === "lamp" ? texts.switchToDaylightColours : texts.switchToLampColours}
            hint={texts.t}
          >
            {theme === "lamp" ? texts.day : texts.lamp}
          </BarButton>
          <BarButton onClick={() => setOpen("keys")} label={texts.keys} hint="?">
            {texts.keys}
          </BarButton>
          <BarButton
            onClick={switching}
            label={texts.signingAs(signer, signedIn || people.length > 1)}
            hint={signedIn || people.length > 1 ? texts.p : undefined}
          >
            {signer}
          </BarButton>
        </div>
      </header>
      <main id="page" className="flex min-h-0 flex-1 flex-col" tabIndex={-1}>
        <Outlet />
      </main>
      <DamageBar />
      <NoticeBar />
      <Suspense>
        {open === "find" && <Find onOpenChange={close} />}
        {open === "phone" && <PairPhone tag={camera} onOpenChange={close} />}
        {open === "people" && here !== undefined && <SwitchPerson here={here} onOpenChange={close} />}
        {open === "keys" && <KeysHelp onOpenChange={close} />}
      </Suspense>
    </div>
  );
}

function Place({ to, label, count = 0, told }: { to: string; label: string; count?: number; told?: string }) {
  return (
    <NavLink
      to={to}
      end={to === "/"}
      className={({ isActive }) =>
        `wide:px-3 flex min-h-11 items-center border-b-[3px] px-2 pt-[3px] whitespace-nowrap ${isActive ? "border-[#e5b556] font-bold" : "text-bar-soft hover:text-on-bar border-transparent"}`
      }
    >
      {label}
      {count > 0 && (
        <span
          className="num ml-1.5 rounded-full bg-[#e5b556] px-1.5 text-[12px] leading-[18px] font-bold text-[#1d2426]"
          title={told}
        >
          <span className="sr-only">, </span>
          {count}
          <span className="sr-only"> {texts.toUnpack}</span>
        </span>
      )}
    </NavLink>
  );
}

function BarButton({
  children,
  label,
  hint,
  onClick,
}: {
  children: React.ReactNode;
  label: string;
  hint?: string;
  onClick: () => void;
}) {
  return (
    <button
      type="button"
      onClick={onClick}
      aria-label={label}
      title={label}
      className="wide:px-2.5 flex min-h-11 items-center gap-2 rounded-[4px] px-2 whitespace-nowrap hover:bg-white/10"
    >
      {children}
      {hint !== undefined && (
        <kbd className="num border-bar-soft text-bar-soft wide:inline hidden rounded-[3px] border px-1 text-[11.5px]">
          {hint}
        </kbd>
      )}
    </button>
  );
}

/** How many waits run in the shop and when the next is over. */
function Running() {
  const waits = useQuery(benchQuery).data?.waits ?? [];
  const demo = useQuery(houseQuery).data?.demo ?? false;
  const now = useNow(5000);
  const over = waits.filter((wait) => Date.parse(wait.running.endsAt) <= now).length;
  const running = waits.find((wait) => Date.parse(wait.running.endsAt) > now);
  return (
    <>
      {demo && (
        <span className="text-bar-soft mr-1 hidden text-[13px] min-[1240px]:inline">{texts.demoShop}</span>
      )}
      {waits.length > 0 && (
        <Link
          to="/waits"
          className="flex min-h-11 items-center gap-2 rounded-full border border-white/25 px-3 text-[14px] whitespace-nowrap hover:bg-white/10"
        >
          <span className={`size-2 rounded-full ${over > 0 ? "bg-[#e5b556]" : "border border-[#e5b556]"}`} />
          {over > 0 ? texts.finished(over) : texts.waiting(waits.length)}
          {running !== undefined && (
            <span className="text-bar-soft hidden min-[1380px]:inline">
              {texts.next(moment(running.running.endsAt, now))}
            </span>
          )}
        </Link>
      )}
    </>
  );
}
