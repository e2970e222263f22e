<?php

declare(strict_types=1);

use Spindle\Capacity\FrictionFaces;
use Spindle\Capacity\Lining;
use Spindle\Capacity\TorqueCapacity;
use Spindle\Demand\EngineOutput;
use Spindle\History\Spread;
use Spindle\Inspection\Flywheel\FaceDial;
use Spindle\Planning\Network;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Power;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Unit;
use Spindle\Quantity\Units;

/*
 * Prints, as JSON, what the core says where an independent package can say it too. Run by conversions.test.mjs.
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';

$lining = Lining::ring(Length::mm(240), Length::mm(160));
$onePair = new TorqueCapacity(FrictionFaces::ofPlates(1, 1), $lining);

echo json_encode(
    [
        'units' => array_values(
            array_map(
                static fn (Unit $u): array => [
                    'symbol' => $u->symbol,
                    'dimension' => $u->dimension->name,
                    'base' => $u->dimension->baseUnit()->symbol,
                    // Through the reader, as a person would write it.
                    'value' => EntryReader::read('12.5 '.$u->symbol, $u->dimension)->quantity->value,
                ],
                Units::all(),
            ),
        ),
        'capacity' => [
            'new' => $onePair->asNew(Ratio::of(0.28), Force::N(6200))->value,
            'runIn' => $onePair->runIn(Ratio::of(0.28), Force::N(6200))->value,
        ],
        'sweep' => (static function (): array {
            $dial = FaceDial::evenly(array_map(Length::mm(...), [0.31, 0.42, 0.38, 0.19, 0.05, -0.03, 0.02, 0.17]));

            return [$dial->tilt()->value / 2, $dial->highHours()];
        })(),
        'quartiles' => (static function (): array {
            $spread = Spread::of([33.5, 12.1, 48.0, 21.7, 30.2, 30.3, 19.9]);

            return $spread === null ? [] : [$spread->lower, $spread->median, $spread->upper];
        })(),
        'network' => (static function (): array {
            $network = Network::of(['a' => 3.5, 'b' => 2.0, 'c' => 4.25, 'd' => 1.0, 'e' => 5.0, 'f' => 0.5],
                ['c' => ['a', 'b'], 'd' => ['a'], 'e' => ['b', 'd'], 'f' => ['c', 'e']]);

            return array_combine(range('a', 'f'), array_map($network->end(...), range('a', 'f')));
        })(),
        'torque' => EngineOutput::ofPower(Power::in(110, 'kW'), Speed::rpm(1250))->peak->value,
    ],
    JSON_THROW_ON_ERROR,
);
