import { allergenSchema, type Evening, type FieldError } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';

/** What a guest can do without: an allergen, or one thing of the catalogue. Anything else would be believed and not kept. */
function avoidFaults(evening: Evening): FieldError[] {
  const catalogue = catalogueOf(evening);
  const allergens: readonly string[] = allergenSchema.options;
  return evening.diners.flatMap((diner, seat) =>
    (['avoids', 'dislikes'] as const).flatMap((what) =>
      (diner[what] ?? []).flatMap((name, index) =>
        allergens.includes(name) || catalogue.has(name)
          ? []
          : [
              {
                field: `diners[${seat}].${what}[${index}]`,
                message: `Nothing is known as "${name}"`,
                fix: `Use one of: ${allergens.join(', ')}; or the id of one ingredient.`,
              },
            ],
      ),
    ),
  );
}

/** An age that belongs to nobody who is a child here. */
const ageFaults = ({ diners }: Evening): FieldError[] =>
  diners.flatMap(({ name, child, years }, seat) =>
    years === undefined || child
      ? []
      : [
          {
            field: `diners[${seat}].years`,
            message: `${name} has a child’s age and is not a child here`,
            fix: `Set diners[${seat}].child to true, or remove the age.`,
          },
        ],
  );

function nameFaults(evening: Evening): FieldError[] {
  const seen = new Set<string>();
  return evening.diners.flatMap((diner, index) => {
    const key = diner.name.toLowerCase();
    if (!seen.has(key)) {
      seen.add(key);
      return [];
    }
    return [
      {
        field: `diners[${index}].name`,
        message: `${diner.name} is at the table twice`,
        fix: 'Give each guest a name of their own.',
      },
    ];
  });
}

/** What cannot be of those at the table: a name twice, an age of nobody's, something to do without that nobody knows. */
export const dinerFaults = (evening: Evening): FieldError[] => [
  ...nameFaults(evening),
  ...ageFaults(evening),
  ...avoidFaults(evening),
];
