import { createContext } from "react";

/** Whether the server has answered the newest entry: until it has, an entry that is left still shows what was typed. */
export const Answered = createContext(true);
