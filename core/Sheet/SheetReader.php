<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Length;

/** Reads what a file holds under the names of the dictionary, and refuses, with the place, what cannot be. */
final readonly class SheetReader
{
    private const MOST_KITS = 200;

    public function __construct(private Dictionary $dictionary)
    {
    }

    /** @throws SheetError when a section is not one */
    public function checkSections(Document $document): void
    {
        foreach (['readings', ...$this->dictionary->fileSections()] as $section) {
            $found = $document->get([$section]);
            if ($found !== null && ! $found instanceof \stdClass) {
                throw SheetError::wrongType($section, 'an object', $found);
            }
        }
    }

    /**
     * The fields of which a file says something, in the order of the dictionary. A file says a hundred things and could say six hundred:
     * it is gone through, and not the dictionary. Where it holds what is none of them and no section either, all are asked.
     *
     * @return array<string, Field>
     */
    public function said(Document $document): array
    {
        $said = [];
        foreach ($document->leaves() as $path) {
            // What stands where a field has its answer, were it an object, is for that field to refuse.
            $keys = $path[0] === 'readings' ? [$path[1] ?? ''] : [
                $path[0], implode('.', array_slice($path, 0, 2)), implode('.', array_slice($path, 0, 3)),
            ];
            foreach ($keys as $key) {
                if ($this->dictionary->has($key)) {
                    $said[$key] = true;
                }
            }
            if (count($path) === 2 && ! isset($said[$keys[1] ?? '']) && $this->dictionary->holdsFields($keys[1] ?? '')) {
                return $this->dictionary->all();
            }
        }

        return $this->dictionary->only($said);
    }

    /**
     * A kit on its own, under the names it has in a job sheet.
     *
     * @throws SheetError
     */
    public function kit(\stdClass $kit, string $place = 'kit'): FieldValues
    {
        $fields = $this->dictionary->only(array_fill_keys($this->dictionary->namesOf('kit'), true));

        return $this->values($fields, static fn (Field $f): mixed => $kit->{$f->path()[1]} ?? null, $place === 'kit' ? '' : $place);
    }

    /**
     * Readings taken after the work.
     *
     * @param  array<string, mixed>  $given
     *
     * @throws SheetError
     */
    public function left(array $given): ?FieldValues
    {
        $fields = [];
        foreach (array_keys($given) as $key) {
            $field = $this->dictionary->asLeft(AsLeft::PREFIX.$key);
            $fields += $field === null ? [] : [$key => $field];
        }
        $values = $fields === [] ? null : $this->values($fields, static fn (Field $f): mixed => $given[$f->path()[1]] ?? null, '');

        return $values === null || $values->keys() === [] ? null : $values;
    }

    /** @throws SheetError where one cannot be read */
    public function sections(Document $document): SectionsRead
    {
        $given = [];
        foreach (array_keys($this->dictionary->sections) as $name) {
            $given[$name] = $document->get([$name]);
        }
        $sections = new SectionsRead($this->dictionary, array_filter($given, static fn (mixed $one): bool => $one !== null));
        $sections->all();

        return $sections;
    }

    /** @return list<FieldValues> */
    public function kits(mixed $given): array
    {
        $kits = [];
        $list = Sections::list($given, 'kits');
        FieldReader::checkLength($list, self::MOST_KITS, 'kits');
        foreach ($list as $i => $kit) {
            $kits[] =
                $kit instanceof \stdClass ? $this->kit($kit, "kits[{$i}]") : throw SheetError::wrongType("kits[{$i}]", 'an object', $kit);
        }

        return $kits;
    }

    /**
     * @param  array<string, Field>  $fields
     * @param  callable(Field): mixed  $given
     */
    public function values(array $fields, callable $given, string $under = ''): FieldValues
    {
        $entries = $words = $curves = [];
        foreach ($fields as $key => $field) {
            $value = $given($field);
            if ($value === null) {
                continue;
            }
            $place = $under === '' ? implode('.', $field->path()) : $under.'.'.$field->path()[1];
            match ($field->kind) {
                Kind::Quantity, Kind::Quantities, Kind::Count => $entries[$key] = FieldReader::entries($field, $value, $place),
                Kind::Word, Kind::Words, Kind::Flag => $words[$key] = FieldReader::words($field, $value, $place),
                Kind::Text => $words[$key] = [FieldReader::text($value, $place)],
                Kind::Marks => $words[$key] = FieldReader::marks($field, $value, $place),
                Kind::Date => $words[$key] = [FieldReader::day($value, $place)],
                Kind::Curve => $curves[$key] = FieldReader::curve($field, $value, $place),
            };
        }
        $values = new FieldValues($this->dictionary, $entries, $words, $curves);
        $this->checkShapes($values, $under);

        return $values;
    }

    /** Diameters that contradict each other can come from no real part. */
    private function checkShapes(FieldValues $values, string $under): void
    {
        foreach ($this->dictionary->shapes as [$outerKey, $innerKey, $make]) {
            $outer = $values->one(Length::class, $outerKey);
            $inner = $values->one(Length::class, $innerKey);
            if ($outer !== null && $inner !== null) {
                try {
                    $make($outer, $inner);
                } catch (\DomainException $e) {
                    throw SheetError::at($under === '' ? $innerKey : $under.'.'.explode('.', $innerKey)[1], $e->getMessage());
                }
            }
        }
    }
}
