import { configure } from "@testing-library/react";

// a loaded machine is slow: a test waits for what it wants to see, and fails only where it never comes
configure({ asyncUtilTimeout: 1_200 });
