<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Limits\LimitsBook;
use App\Limits\ModelBook;
use App\Models\Job;
use App\Models\Reading;
use App\Readings\CurrentReadings;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\Material;
use Spindle\Demand\Duty;
use Spindle\Sheet\Document;
use Spindle\Sheet\Sections;

/**
 * Limits, rules and makers' figures that a file brought from elsewhere. They are shown and given back, and count for nothing until the
 * lead takes each over: nobody goes round the lead by taking in a file.
 */
final readonly class StatedElsewhere
{
    /** Where they stand in a file. */
    public const SECTION = 'elsewhere';

    /** What a section of the shop's rules is about. */
    private const ABOUT = [
        'uncertainties' => 'Uncertainty of instruments', 'causes' => 'Evidence of triage', 'materials' => 'Linings', 'duties' => 'Duties',
        'rating' => 'What a kit is rated by', 'ranking' => 'Ranking of kits', 'bleeding' => 'Way of bleeding',
        'wear' => 'How linings wear', 'calendar' => 'Hours and closed days', 'signing' => 'Second person before signing',
        'shop' => 'The workshop that made it', 'own_cases' => 'What its own jobs taught it',
    ];

    private const SAID = [
        'max' => 'at most', 'min' => 'at least', 'watch_from' => 'near from', 'watch_below' => 'near below', 'source' => 'by the',
        'mu' => 'friction', 'mu_hot' => 'hot friction', 'pressure_limit' => 'pressure in kPa', 'comfortable_heat' => 'comfortable heat',
        'heat_limit' => 'greatest heat', 'week' => '', 'mon' => 'Monday', 'tue' => 'Tuesday', 'wed' => 'Wednesday', 'thu' => 'Thursday',
        'fri' => 'Friday', 'sat' => 'Saturday', 'sun' => 'Sunday', 'zone' => 'time of', 'closed' => 'closed on', 'second' => '',
        'school' => '', 'weights' => 'weight of', 'prior' => 'how common', 'name' => '', 'address' => '',
        'telephone' => 'telephone', 'mail' => '', 'tax_number' => 'tax number', 'mark' => 'mark',
    ];

    private const LIMITS = 'limits';

    private const READINGS = 'readings';

    /**
     * @param  string  $name  "limits.flywheel.face_runout", "materials", "readings.disc.thickness_new"
     * @param  string  $value  in words
     */
    private function __construct(public string $name, public string $label, public string $value)
    {
    }

    /** A file from elsewhere with what is not in force set apart. */
    public static function apart(Document $document): Document
    {
        $changes = [];
        foreach (array_keys(Sections::map($document->get([self::LIMITS]), self::LIMITS)) as $name) {
            $changes[] = [[self::SECTION, self::LIMITS, (string) $name], $document->get([self::LIMITS, (string) $name])];
        }
        if ($changes !== []) {
            $changes[] = [[self::LIMITS], null];
        }
        foreach (self::rules() as $name) {
            if ($document->get([$name]) !== null) {
                array_push($changes, [[self::SECTION, $name], $document->get([$name])], [[$name], null]);
            }
        }

        return $changes === [] ? $document : $document->withAll($changes);
    }

    /** Whether an entry is a file's word for what only the lead puts in force. */
    public static function holds(Reading $row): bool
    {
        return $row->stated && $row->typed !== '' && ModelBook::isJudgedBy($row->field);
    }

    /**
     * Where a job's sheet has its entries of that kind.
     *
     * @return list<array{non-empty-list<string>, mixed}> changes of the document
     */
    public static function entries(CurrentReadings $current, Document $document): array
    {
        $changes = [];
        foreach ($current->fields() as $key) {
            $rows = array_filter($current->filled($key), self::holds(...));
            $path = Subjects::dictionary()->entry($key)?->path();
            if ($rows === [] || $path === null || self::isSaid($path, $document)) {
                continue;
            }
            // Where one of several places is one's own, that one stands in the sheet.
            if ($document->get($path) !== null && count($rows) === count($current->filled($key))) {
                $changes[] = [$path, null];
            }
            $changes[] = [[self::SECTION, self::READINGS, $key], implode('; ', array_map(
                static fn (Reading $r): string => $r->written(), $rows,
            ))];
        }

        return $changes;
    }

    /**
     * Whether the sheet has the limit of an entry already: set apart with its section, or taken over.
     *
     * @param  non-empty-list<string>  $path
     */
    private static function isSaid(array $path, Document $document): bool
    {
        return $path[0] === self::LIMITS
            && ($document->get([self::LIMITS, $path[1]]) ?? $document->get([self::SECTION, self::LIMITS, $path[1]])) !== null;
    }

    /** @return list<self> what of a job is only stated elsewhere, and could be taken over */
    public static function of(Document $document): array
    {
        $all = [];
        foreach (Sections::map($document->get([self::SECTION]), self::SECTION) as $section => $given) {
            if (in_array($section, [self::LIMITS, self::READINGS], true)) {
                foreach ($given instanceof \stdClass ? get_object_vars($given) : [] as $name => $value) {
                    $all[] = new self("{$section}.{$name}", self::label($section, (string) $name), self::words($value));
                }
            } elseif (in_array($section, self::rules(), true)) {
                $all[] = new self($section, self::ABOUT[$section] ?? ucfirst(str_replace('_', ' ', $section)),
                    self::words($given));
            }
        }

        return $all;
    }

    /**
     * The file of a job with one of them put where it counts; makers' figures are entered as readings instead.
     *
     * @return Document|null nothing where the file states nothing of that name
     */
    public static function inForce(Job $job, string $name): ?Document
    {
        $file = $job->base_sheet === null ? Document::blank() : Document::ofJson($job->base_sheet);
        $path = str_starts_with($name, self::LIMITS.'.') ? [self::LIMITS, substr($name, 7)] : [$name];
        $value = $file->get([self::SECTION, ...$path]);

        return $value === null ? null : $file->withAll([[$path, $value], [[self::SECTION, ...$path], null]]);
    }

    /** The field of one that is a reading. */
    public static function field(string $name): ?string
    {
        return str_starts_with($name, self::READINGS.'.') ? substr($name, 9) : null;
    }

    /** @return list<string> sections of a file that are the shop's to decide */
    private static function rules(): array
    {
        return ['uncertainties', ...array_keys(Subjects::dictionary()->sections)];
    }

    private static function label(string $section, string $name): string
    {
        $field = $section === self::READINGS ? Subjects::dictionary()->entry($name) : null;

        return match (true) {
            $field !== null => ModelBook::label($field),
            $section === self::LIMITS => LimitsBook::nameOf($name),
            default => $name,
        };
    }

    /** As a person says it. Of what is not known here the name is left as the file has it. */
    private static function words(mixed $value): string
    {
        if (! $value instanceof \stdClass) {
            return is_scalar($value) ? (string) $value : (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        }
        $said = [];
        foreach (get_object_vars($value) as $name => $inner) {
            $named = self::SAID[$name] ?? Material::tryFrom((string) $name)?->label() ?? Duty::tryFrom((string) $name)?->label()
                ?? str_replace('_', ' ', (string) $name);
            $said[] = trim($named.' '.self::words($inner));
        }

        return implode(', ', $said);
    }
}
