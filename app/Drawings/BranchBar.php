<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Quantity\Torque;

/** A disc of a two-stage clutch against what its branch asks of it. Pixels of a picture 680 wide. */
final readonly class BranchBar
{
    private const WIDTH = 420.0;

    private const BRANCHES = [
        'Travel disc' => ['demand.engine_torque', 'capacity.run_in'], 'Take-off disc' => ['demand.pto_torque', 'capacity.pto_run_in'],
    ];

    /**
     * @param  float|null  $asked  width of the bar; nothing where it is not known
     * @param  float|null  $carried  nothing where no kit is chosen
     */
    private function __construct(
        public string $name,
        public ?float $asked,
        public string $askedSaid,
        public ?float $carried,
        public string $carriedSaid,
    ) {
    }

    /** @return list<self> none where nothing is asked of the take-off */
    public static function all(AssessedJob $page): array
    {
        $figure = static fn (string $name): ?float => is_float($page->assessment->figure($name)) ? $page->assessment->figure($name) : null;
        if ($figure('demand.pto_torque') === null) {
            return [];
        }
        $names = array_merge(...array_values(self::BRANCHES));
        $most = max(1.0, ...array_map(static fn (string $name): float => $figure($name) ?? 0.0, $names));
        $width = static fn (?float $torque): ?float => $torque === null ? null : self::WIDTH * $torque / $most;
        $said = static fn (?float $torque): string => $torque === null ? '' : $page->display->quantity(Torque::Nm($torque), 1.0);
        $bars = [];
        foreach (self::BRANCHES as $name => [$asked, $carried]) {
            $bars[] = new self($name, $width($figure($asked)), $said($figure($asked)), $width($figure($carried)), $said($figure($carried)));
        }

        return $bars;
    }
}
