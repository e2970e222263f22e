<?php

declare(strict_types=1);

namespace App\Page;

use Illuminate\Support\HtmlString;
use Parsedown;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Station;

/** docs/guide.md, for whoever works at the vehicle: as a page, and of each station what it decides and how its readings are taken. */
final readonly class Guide
{
    private const FILE = 'docs/guide.md';

    public const PICTURES = 'docs/screenshots';

    /** @param  array<string, string>  $parts  as written, by the word of what they are about: a station, or the heading's first */
    private function __construct(private array $parts)
    {
    }

    public static function read(): self
    {
        $parts = [];
        foreach (preg_split('/^(?=## )/m', (string) file_get_contents(base_path(self::FILE))) ?: [] as $text) {
            $number = preg_match('/^## (\d+) /', $text, $m) === 1 ? (int) $m[1] : 0;
            $parts[$number > 0 ? Station::cases()[$number - 1]->value : 'part-'.count($parts)] = $text;
        }

        return new self($parts);
    }

    /** @return array<string, HtmlString> its parts in their order */
    public function parts(): array
    {
        return array_map(self::html(...), $this->parts);
    }

    /** Of a station, without its heading and pictures; nothing where the guide does not speak of it. */
    public function of(Station $station): ?HtmlString
    {
        $text = $this->parts[$station->value] ?? null;

        return $text === null ? null : self::html((string) preg_replace(['/^## .*$/m', '/^!\[.*$/m'], '', $text));
    }

    /**
     * How each reading of a station is taken: what stands beside its field, in one list.
     *
     * @return list<array{what: string, where: string, how: string}>
     */
    public static function readings(Station $station): array
    {
        $said = [];
        foreach (Subjects::dictionary()->at($station) as $field) {
            $nature = $field->nature();
            if ($field->isMeasured() && $field->how !== '' && ! str_starts_with($field->key, AsLeft::PREFIX)) {
                $said[] = [
                    'what' => $field->label, 'how' => $field->how,
                    'where' => implode(', ', array_filter([$nature->place->label(), $field->instrument?->label()])),
                ];
            }
        }

        return $said;
    }

    /** @return array<string, list<array{what: string, where: string, how: string}>> by station */
    public static function allReadings(): array
    {
        $names = array_column(Station::cases(), 'value');

        return array_combine($names, array_map(self::readings(...), Station::cases()));
    }

    private static function html(string $text): HtmlString
    {
        $pictures = (string) preg_replace_callback(
            '~\]\(screenshots/([a-z-]+)\.png\)~', static fn (array $m): string => ']('.route('guide.picture', $m[1]).')', $text,
        );

        return new HtmlString((new Parsedown)->setSafeMode(true)->text($pictures));
    }
}
