import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { hereQuery } from "../api/people";
import { Shell } from "./Shell";
import { texts } from "./words";

const SignIn = lazy(async () => ({ default: (await import("../rooms/people")).SignIn }));

/** The pages, or the door where people have to sign in and nobody has. */
export function Entered() {
  const here = useQuery(hereQuery).data;
  // most shops are one machine, whose pages must not wait for this
  if (here === undefined || here.signedIn) return <Shell />;
  return (
    <Suspense fallback={<p className="p-6">{texts.loading}</p>}>
      <SignIn here={here} />
    </Suspense>
  );
}
