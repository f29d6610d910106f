/** Text a maker reads or hears is said by the catalogue, in whichever language: none stands in a view. */
const FROM_CATALOGUE = "Say this from the catalogue.";
const READ = "/^(aria-label|aria-valuetext|alt|label|placeholder|text|title)$/";
const LETTERS = "/[A-Za-z]{2}/";
export const NO_TEXT = [
  { selector: `JSXText[value=${LETTERS}]`, message: FROM_CATALOGUE },
  { selector: `JSXAttribute[name.name=${READ}] > Literal[value=${LETTERS}]`, message: FROM_CATALOGUE },
  ...[
    ":matches(JSXElement, JSXFragment) > JSXExpressionContainer",
    `JSXAttribute[name.name=${READ}] > JSXExpressionContainer`,
  ].flatMap((where) =>
    // What is shown itself, or is one of what may be shown.
    ["", " > :matches(ConditionalExpression, LogicalExpression)"].flatMap((choice) => [
      {
        selector: `${where}${choice} > Literal[value=${LETTERS}]`,
        message: FROM_CATALOGUE,
      },
      {
        selector: `${where}${choice} > TemplateLiteral > TemplateElement[value.raw=${LETTERS}]`,
        message: FROM_CATALOGUE,
      },
    ]),
  ),
  // Two sentences of a list may say the same; then React leaves one of them behind for whatever is drawn there next.
  ...[
    "Identifier[name=/^(text|said|remark|sentence)$/]",
    "MemberExpression[property.name=/^(text|label|remark|title)$/]",
  ].map((sentence) => ({
    selector: `CallExpression[callee.property.name="map"] JSXAttribute[name.name="key"] > JSXExpressionContainer > ${sentence}`,
    message: "A sentence is no key: two of them may be alike.",
  })),
];
