<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Practice\Damage;
use Spindle\Practice\Hidden;
use Spindle\Practice\Level;
use Spindle\Practice\Move;
use Spindle\Practice\Opening;
use Spindle\Practice\Reader;
use Spindle\Practice\Seed;
use Spindle\Practice\Work;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Triage\Outcome;
use Spindle\Vehicle\VehicleClass;

/*
 * The practice clutch with its gearbox off. It has no rule of its own: what is said of a part is what the core says of the same readings.
 */

/** @return list<string> findings by name and verdict, of what is near or out */
function outOrNear(Spindle\Sheet\JobSheet $sheet): array
{
    $said = array_map(static fn (Finding $f): string => "{$f->id} {$f->verdict->value}", array_filter(
        Assessment::of($sheet)->findings, static fn (Finding $f): bool => in_array($f->verdict, [Verdict::Out, Verdict::Near], true),
    ));
    sort($said);

    return $said;
}

/** A vehicle with a fault, the first that has it. */
function vehicleWith(string $cause, Level $level = Level::Plain): Hidden
{
    for ($number = 1; $number < 3000; $number++) {
        $hidden = Hidden::of(Seed::of($number), $level);
        if ($hidden->causes[0]->id === $cause) {
            return $hidden;
        }
    }
    throw new RuntimeException("none with {$cause}");
}

it('reads each size within the doubt of its instrument, and the same however often', function () {
    $apart = [];
    foreach (range(1, 60) as $number) {
        $hidden = Hidden::of(Seed::of($number));
        foreach (['disc.thickness', 'cover.finger_heights', 'flywheel.face_runout', 'pilot.play'] as $key) {
            $field = Subjects::dictionary()->get($key);
            $read = Reader::read($hidden, $field);
            expect($read)->toBe(Reader::read($hidden, $field));
            foreach ($hidden->truth->values->entries($key) as $place => $true) {
                $doubt = $hidden->truth->uncertaintyOf($key, $true->quantity)?->as('mm') ?? 0.0;
                $off = (float) $read[$place] - $true->quantity->as('mm');
                // Two digits are typed.
                expect(abs($off))->toBeLessThanOrEqual($doubt + 0.005);
                $apart[] = $doubt > 0.0 ? $off / $doubt : 0.0;
            }
        }
    }
    // Even about the true size: the mean lies within four standard errors of nought (uniform distribution, variance a third).
    expect(array_sum($apart) / count($apart))->toEqualWithDelta(0.0, 4 / sqrt(3 * count($apart)) + 0.02)
        ->and(max($apart))->toBeGreaterThan(0.8)->and(min($apart))->toBeLessThan(-0.8);
});

it('says of what was read what the core says of the same readings, on five hundred vehicles', function () {
    foreach (range(1, 500) as $number) {
        $hidden = Hidden::of(Seed::of($number), Level::cases()[$number % count(Level::cases())]);
        $parts = StripPart::on($hidden->truth);
        // Half of the parts, drawn, every other in a hurry.
        $looked = array_values(array_filter($parts, static fn (StripPart $p): bool => $hidden->seed->chance("t {$p->value}") < 0.5));
        $opening = Opening::by($hidden, array_map(
            static fn (StripPart $p, int $i): Move => Move::at($p, $i % 2 === 1), $looked, array_keys($looked),
        ));
        $said = array_map(static fn (Finding $f): string => "{$f->id} {$f->verdict->value}", $opening->findings());
        // Nothing is said of a part at which nobody looked.
        $names = array_map(static fn (StripPart $p): string => $p->value, $looked);
        foreach ($opening->findings() as $finding) {
            $words = array_map(static fn (string $key): string => explode('.', $key)[0], $finding->readings);
            expect(array_intersect($words, $names))->not->toBeEmpty($finding->id);
        }
        sort($said);
        expect(array_values(array_diff($said, outOrNear($opening->sheet()))))->toBe([], (string) $number);
    }
});

it('finds by looking what carries the fault, wherever an open clutch shows it', function () {
    foreach (range(1, 200) as $number) {
        $hidden = Hidden::of(Seed::of($number));
        $best = Opening::best($hidden);
        $isShown = in_array($hidden->causes[0]->id, Damage::shown(), true);
        expect($hidden->damaged() !== [])->toBe($isShown, (string) $number);
        if ($isShown) {
            $words = array_merge(...array_map(static fn (Finding $f): array => array_map(
                static fn (string $key): string => explode('.', $key)[0], $f->readings,
            ), $best->findings()));
            foreach ($hidden->damaged() as $part) {
                expect($words)->toContain($part->value);
            }
        }
    }
});

it('takes a hurried look for what it is: one place, fewer minutes, and what one place does not say is not said', function () {
    $hidden = vehicleWith('lining_worn');
    $whole = Opening::by($hidden, [Move::at(StripPart::Disc)]);
    $hurried = Opening::by($hidden, [Move::at(StripPart::Disc, true)]);
    expect($whole->read(StripPart::Disc)['disc.thickness'])->toHaveCount(3)
        ->and($hurried->read(StripPart::Disc)['disc.thickness'])->toHaveCount(1)
        ->and($hurried->minutesFor(StripPart::Disc, true))->toBeLessThan($whole->minutesFor(StripPart::Disc, false))
        ->and($hurried->hours()->as('h'))->toBeLessThan($whole->hours()->as('h'))
        ->and($hurried->read(StripPart::Flywheel))->toBe([]);
    // Measured whole once, it stays measured; a glance after it takes nothing away.
    $both = Opening::by($hidden, [Move::at(StripPart::Disc, true), Move::at(StripPart::Disc), Move::at(StripPart::Disc, true)]);
    expect($both->read(StripPart::Disc)['disc.thickness'])->toHaveCount(3);
});

it('knows what was left, what was never looked at, what was renewed for nothing, and when it comes back', function () {
    $hidden = vehicleWith('oil_on_lining');
    expect($hidden->wanted())->toEqualCanonicalizing([Work::Kit, Work::Seals]);
    // The lining alone is renewed: the leak is still there.
    $half = Opening::by($hidden, [Move::at(StripPart::Disc), Move::renew(Work::Kit), Move::renew(Work::Pilot), Move::close()]);
    expect($half->left())->toBe([Work::Seals])->and($half->unseen())->toBe([StripPart::Seals])->and($half->needless())->toBe([Work::Pilot])
        ->and($half->isClosed)->toBeTrue()
        ->and($half->comesBackAfter(Work::Seals))->not->toBeNull();
    // The range that is said of seals, by the meter the vehicle has.
    $car = Hidden::of(Seed::of(5), Level::Plain, VehicleClass::Car);
    $after = Opening::by($car, [Move::close()])->comesBackAfter(Work::Seals);
    expect($after)->toBeInstanceOf(Distance::class)->and($after?->as('km'))->toBeGreaterThanOrEqual(2000.0)->toBeLessThanOrEqual(8000.0);
    $tractor = Hidden::of(Seed::of(5), Level::Plain, VehicleClass::Tractor);
    expect(Opening::by($tractor, [Move::close()])->comesBackAfter(Work::Seals))->toBeInstanceOf(Duration::class);
    $best = Opening::best($hidden);
    expect($best->left())->toBe([])->and($best->unseen())->toBe([])->and($best->needless())->toBe([]);
    // Said twice it is not renewed; after closing nothing counts.
    $twice = Opening::by($hidden, [Move::renew(Work::Seals), Move::renew(Work::Seals), Move::close(), Move::renew(Work::Seals)]);
    expect($twice->renewed)->toBe([])->and($twice->left())->toEqualCanonicalizing([Work::Kit, Work::Seals]);
});

it('never calls the kit needless, and wants a stronger one where a sound clutch carries too little', function () {
    $beyond = vehicleWith('engine_beyond');
    expect($beyond->damaged())->toBe([])->and($beyond->wanted())->toBe([Work::Kit]);
    $spots = vehicleWith('flywheel_spots');
    expect(Opening::by($spots, [Move::renew(Work::Kit), Move::close()])->needless())->toBe([])
        ->and($spots->wanted())->toBe([Work::Flywheel]);
});

it('counts cautions only when they come before the hands', function () {
    $hidden = vehicleWith('glazed');
    expect(Opening::by($hidden, [Move::caution(), Move::at(StripPart::Disc)])->isCautioned)->toBeTrue()
        ->and(Opening::by($hidden, [Move::at(StripPart::Disc), Move::caution()])->isCautioned)->toBeFalse()
        ->and(Opening::by($hidden, [Move::renew(Work::Kit)])->isCautioned)->toBeFalse();
});

it('costs more hours to open a truck than a car, and more for machining, never less than opening and closing alone', function () {
    $car = Hidden::of(Seed::of(5), Level::Plain, VehicleClass::Car);
    $truck = Hidden::of(Seed::of(5), Level::Plain, VehicleClass::Truck);
    $bare = Opening::by($car, [Move::close()]);
    $hours = static fn (Opening $of): float => $of->hours()->as('h');
    expect($hours($bare))->toBeLessThan($hours(Opening::by($truck, [Move::close()])))
        ->and($hours(Opening::by($car, [Move::renew(Work::Flywheel)])))->toBeGreaterThan($hours($bare) + 1.0)
        ->and($bare->money())->toBe(0.0);
    $kit = static fn (Hidden $of): float => Opening::by($of, [Move::renew(Work::Kit)])->money();
    expect($kit($truck))->toBeGreaterThan($kit($car));
});

it('puts right by what is wanted everything a vehicle carries, at every level', function (Level $level) {
    foreach (range(1, 100) as $number) {
        $hidden = Hidden::of(Seed::of($number), $level);
        $works = Opening::best($hidden)->works();
        expect(array_udiff($hidden->wanted(), $works, static fn (Work $a, Work $b): int => $a->value <=> $b->value))->toBe([])
            ->and($hidden->outcome() !== Outcome::Strip || $hidden->wanted() !== [])->toBeTrue((string) $number);
    }
})->with(Level::cases());
