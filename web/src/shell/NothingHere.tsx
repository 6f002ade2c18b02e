import { Link, useRouteError } from "react-router";
import { texts } from "./words";

export function NothingHere() {
  return (
    <div className="p-8">
      <h1 className="text-[22px]">{texts.thisPageDoesNotExist}</h1>
      <p className="mt-2">
        {texts.goToThe}{" "}
        <Link to="/" className="underline">
          {texts.bench}
        </Link>
        {texts.orSearchForACamera}
      </p>
    </div>
  );
}

export function Broken() {
  const problem = useRouteError();
  return (
    <div className="p-8" role="alert">
      <h1 className="text-[22px]">{texts.somethingWentWrongOnThis}</h1>
      <p className="mt-2">{problem instanceof Error ? problem.message : String(problem)}</p>
      <p className="mt-2">
        {texts.everythingYouLoggedIsSaved}{" "}
        <a href="/" className="underline">
          {texts.backToTheBench}
        </a>
      </p>
    </div>
  );
}
