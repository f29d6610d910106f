import { say } from "../words/say";

interface Props {
  page: number;
  pages: number;
  onPage: (page: number) => void;
}

/** From one page of a long list to the next, where there is more than one. */
export function Pages({ page, pages, onPage }: Props) {
  if (pages <= 1) return null;
  return (
    <p className="pages">
      <button type="button" className="button" disabled={page === 0} onClick={() => onPage(page - 1)}>
        {say("book-later")}
      </button>{" "}
      {say("book-page", { page: page + 1, pages })}{" "}
      <button type="button" className="button" disabled={page + 1 >= pages} onClick={() => onPage(page + 1)}>
        {say("book-earlier")}
      </button>
    </p>
  );
}
