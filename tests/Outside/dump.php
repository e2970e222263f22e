<?php

declare(strict_types=1);

use Spindle\Capacity\DiscSpring;
use Spindle\Capacity\FrictionFaces;
use Spindle\Capacity\Launch;
use Spindle\Capacity\Lining;
use Spindle\Capacity\TorqueCapacity;
use Spindle\Demand\EngineOutput;
use Spindle\History\Spread;
use Spindle\Inspection\Flywheel\FaceDial;
use Spindle\Planning\Network;
use Spindle\Planning\ThreePoint;
use Spindle\Quantity\EntryReader;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Power;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Quantity\Unit;
use Spindle\Quantity\Units;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SlaveCylinder;
use Spindle\Release\Transmission;
use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\Situation;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/*
 * Prints, as JSON, what the core says where an independent package can say it too. Run by conversions.test.mjs.
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';

$lining = Lining::ring(Length::mm(240), Length::mm(160));
$oneDisc = new TorqueCapacity(FrictionFaces::ofDiscs(1), $lining);

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
            'new' => $oneDisc->asNew(Ratio::of(0.28), Force::N(6200))->value,
            'runIn' => $oneDisc->runIn(Ratio::of(0.28), Force::N(6200))->value,
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
        'chain' => (static function (): array {
            $chain = new ReleaseChain(
                Length::mm(140), Ratio::of(6), Length::mm(8), Transmission::hydraulic(
                    Length::mm(15.87), SlaveCylinder::round(Length::mm(20.64)), Ratio::of(0.04),
                ), Ratio::of(1.9), Length::mm(1.5), Ratio::of(3.1), Length::mm(0.1), Length::mm(0.6), 2,
            );

            return [
                'bearing' => $chain->bearingTravel()->value, 'lift' => $chain->lift()->value, 'air' => $chain->airGapFace()->value,
                'takeUp' => $chain->takeUp()?->value, 'stopFor' => $chain->stopFor(Length::mm(0.1))->value,
                'force' => $chain->pedalForce(Force::N(1800), Ratio::of(0.85))->value,
                'pressure' => $chain->linePressure(Force::N(1800))?->as('bar'),
            ];
        })(),
        'launch' => (static function (): array {
            $start = Launch::of(
                Launch::inertiaAtClutch(Mass::kg(3500), Length::mm(330), Ratio::of(16.5)), Speed::rpm(1400), Torque::Nm(220),
                Torque::Nm(70),
            );

            return [$start->slipTime()->as('s'), $start->energy()->value];
        })(),
        'spring' => array_map(
            static fn (array $of): array => [...$of, 'load' => DiscSpring::cone(
                Length::mm($of['De']), Length::mm($of['Di']), Length::mm($of['t']), Length::mm($of['h0']),
            )->load(Length::mm($of['s']))->value],
            [
                ['De' => 50.0, 'Di' => 25.4, 't' => 3.0, 'h0' => 1.1, 's' => 0.825],
                ['De' => 50.0, 'Di' => 25.4, 't' => 2.0, 'h0' => 1.4, 's' => 1.05],
                ['De' => 40.0, 'Di' => 20.4, 't' => 1.5, 'h0' => 1.15, 's' => 0.8625],
                ['De' => 220.0, 'Di' => 170.0, 't' => 2.4, 'h0' => 4.6, 's' => 3.0],
            ],
        ),
        'bayes' => (static function (): array {
            $situation = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid, null, null);
            $known = ['spongy' => true, 'pumping_helps' => true, 't_blocked' => false];
            $evidence = new Evidence(['spongy', 'pumping_helps'], ['t_blocked' => false]);
            $told = array_filter($evidence->known, $situation->heeds(...), ARRAY_FILTER_USE_KEY);

            return ['known' => array_keys($told), 'chances' => Diagnosis::of($situation, $evidence)->chances, 'table' => array_map(
                static fn (Cause $cause): array => [$situation->weight($cause), ...array_values(array_map(
                    static fn (string $name, bool $is): float => Evidence::likelihood($cause, $name, $is), array_keys($told), $told,
                ))],
                array_filter(Causes::all(), $situation->allows(...)),
            )];
        })(),
        'promise' => [
            'quantiles' => ThreePoint::of(2.0, 3.0, 7.0)->quantiles([0.1, 0.5, 0.9]),
            'expected' => ThreePoint::of(2.0, 3.0, 7.0)->expected(),
        ],
        'torque' => EngineOutput::ofPower(Power::in(110, 'kW'), Speed::rpm(1250))->peak->value,
    ],
    JSON_THROW_ON_ERROR,
);
