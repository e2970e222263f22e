<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Assessment\Subjects;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Standing;
use Spindle\Sheet\Field;

/** A datum that kits wait for before they are known to fit, and where it is got. */
final readonly class SettlingDatum
{
    private const MOST = 3;

    /**
     * @param  int  $kits  so many wait for it
     * @param  int  $all  of so many that are to be asked
     */
    private function __construct(public Field $field, public int $kits, public int $all)
    {
    }

    /**
     * @param  list<RankedKit>  $kits
     * @return list<self> those that most wait for, a reading of the vehicle before a question to the supplier
     */
    public static function of(array $kits): array
    {
        $asked = array_filter($kits, static fn (RankedKit $kit): bool => $kit->standing === Standing::Asked);
        $counts = array_count_values(array_merge(...array_map(
            static fn (RankedKit $kit): array => array_unique([...$kit->waits, ...$kit->lacks]), array_values($asked),
        )));
        uksort($counts, static fn (string $a, string $b): int => [$counts[$b], str_starts_with($a, 'kit.'), $a]
            <=> [$counts[$a], str_starts_with($b, 'kit.'), $b]);
        $data = [];
        foreach (array_slice($counts, 0, self::MOST, true) as $key => $times) {
            $data[] = new self(Subjects::dictionary()->get((string) $key), $times, count($asked));
        }

        return $data;
    }

    public function isOfVehicle(): bool
    {
        return ! str_starts_with($this->field->key, 'kit.');
    }

    /** "at the opened housing", "from the supplier". */
    public function where(): string
    {
        return $this->isOfVehicle() ? $this->field->nature()->place->label() : 'from the supplier';
    }

    /** "all of them", "9 of 12". */
    public function touches(): string
    {
        return $this->kits === $this->all ? 'all of them' : "{$this->kits} of {$this->all}";
    }
}
