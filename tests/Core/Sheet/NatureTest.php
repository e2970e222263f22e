<?php

declare(strict_types=1);

use Spindle\Assessment\Subjects;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\DictionaryError;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Origin;
use Spindle\Sheet\Place;
use Spindle\Sheet\Privacy;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Sheet\Whose;

/** A subject with one field more than all the others. */
function withField(Field $field): Subject
{
    return new class($field) implements Subject
    {
        public function __construct(private readonly Field $field)
        {
        }

        public function describe(DictionaryBuilder $dictionary): void
        {
            $dictionary->fields(fn (): array => [$this->field]);
        }
    };
}

it('refuses a field of which nobody said what it is, when the dictionary is made', function () {
    $field = Make::fromZero('disc.dust', Station::Strip, 'Dust on the disc', Dimension::Length, 3);

    expect(fn () => Subjects::describe(...Subjects::all(), ...[withField($field)]))
        ->toThrow(DictionaryError::class, 'nobody said what disc.dust is')
        ->and(Subjects::describe(...Subjects::all(), ...[
            withField($field->is(Nature::measured(Whose::OldClutch, Place::Bench)->reading())),
        ])->find('disc.dust')?->path())->toBe(['readings', 'disc.dust']);
});

it('takes a new reading of a part for one, with nothing said of it anywhere else', function () {
    $field = Make::fromZero('disc.dust', Station::Strip, 'Dust on the disc', Dimension::Length, 3)
        ->is(Nature::measured(Whose::OldClutch, Place::Bench)->onlyOpen()->reading());
    $dictionary = Subjects::describe(...Subjects::all(), ...[withField($field)]);

    expect($dictionary->seenOnlyOpen())->toContain('disc.dust')
        ->and($dictionary->find('as_left.disc.dust')?->path())->toBe(['as_left', 'disc.dust'])
        ->and($field->nature()->isCarried())->toBeFalse()
        ->and($field->nature()->isCarriedWithClutch())->toBeFalse();
});

// What stays true of a vehicle between two clutches; common practice, no source.
it('carries what lasts to the next job and nothing that was measured on wear, setting or proof', function (string $key, string $carried) {
    $nature = Subjects::dictionary()->get($key)->nature();

    expect($nature->isCarried() ? 'always' : ($nature->isCarriedWithClutch() ? 'with the clutch' : 'never'))->toBe($carried);
})->with([
    ['fastening.cover.torque', 'always'], ['fastening.flywheel.bolts', 'always'], ['match.bolt_circle', 'always'],
    ['match.housing_room', 'always'], ['release.fork_ratio', 'always'], ['release.master_bore', 'always'], ['engine.curve', 'always'],
    ['flywheel.thickness_min', 'always'], ['duty', 'always'], ['vehicle.spline_count', 'always'],
    ['disc.thickness_new', 'with the clutch'], ['disc2.usable_per_side', 'with the clutch'], ['cover.clamp_load_new', 'with the clutch'],
    ['fitted_on', 'with the clutch'], ['release.finger_ratio', 'with the clutch'],
    ['disc.thickness', 'never'], ['flywheel.face_runout', 'never'], ['release.free_play', 'never'], ['release.slave_stroke_left', 'never'],
    ['release.clearance', 'never'], ['fastening.cover.done_full', 'never'], ['prove.take_up.height', 'never'], ['complaint', 'never'],
    ['match.crank_bolt_clearance', 'never'], ['match.stack_height', 'never'], ['kit.clamp_load', 'never'], ['seals.leak', 'never'],
    ['odometer', 'never'], ['hydraulics.proof', 'never'], ['truck.brake', 'never'], ['record.checked', 'never'],
]);

it('carries no proof, and nothing of a job or a person', function () {
    $wrong = Subjects::dictionary()->having(static fn (Nature $n): bool => ($n->isCarried() || $n->isCarriedWithClutch())
        && ($n->isProof || in_array($n->whose, [Whose::Job, Whose::Person, Whose::FittedClutch], true)));

    expect($wrong)->toBe([]);
});

it('takes every figure of a kit under the name that a kit has for it, of a kind that can be one', function () {
    $dictionary = Subjects::dictionary();
    foreach ($dictionary->having(static fn (Nature $n): bool => $n->kitFigure !== '') as $key) {
        $field = $dictionary->get($key);
        $inKit = $dictionary->get("kit.{$field->nature()->kitFigure}");
        $words = array_map(static fn (string $w): string => $field->nature()->kitWords[$w] ?? $w, array_keys($inKit->options));

        expect($field->dimension)->toBe($inKit->dimension, $key)
            ->and(array_diff($words, array_keys($field->options)))->toBe([], $key);
    }
});

it('says of every measured reading where it is taken and how long that takes', function () {
    $dictionary = Subjects::dictionary();

    expect($dictionary->having(static fn (Nature $n): bool => $n->origin === Origin::Measured
        && ($n->place === Place::Desk || $n->minutes <= 0.0)))->toBe([])
        ->and($dictionary->having(static fn (Nature $n): bool => $n->drawing !== null && $n->anchor === ''))->toBe([])
        ->and(array_filter($dictionary->having(static fn (Nature $n): bool => $n->place === Place::Desk
            && $n->origin === Origin::Measured), static fn (string $key): bool => $dictionary->get($key)->instrument !== null))->toBe([])
        ->and($dictionary->get('flywheel.flatness')->instruments())->toBe([$dictionary->get('flywheel.flatness')->instrument]);
});

it('takes free words for what may name somebody, unless they name a thing', function () {
    $dictionary = Subjects::dictionary();
    $things = array_values(array_filter(
        $dictionary->having(static fn (Nature $n): bool => $n->privacy === Privacy::OfThings),
        static fn (string $key): bool => $dictionary->get($key)->kind === Kind::Text
            && ! in_array($dictionary->get($key)->firstWord(), ['kit', 'fastening'], true),
    ));

    expect($things)->toBe(['vehicle.name', 'vehicle.engine', 'vehicle.gearbox', 'match.part_number', 'match.bolt_size', 'offer.currency',
        'record.batches'])
        ->and(Subjects::dictionary()->having(static fn (Nature $n): bool => $n->privacy === Privacy::Identity))
        ->toBe(['vehicle.plate', 'vehicle.number', 'keeper.name', 'keeper.telephone', 'keeper.mail', 'keeper.fleet', 'record.photos']);
});

it('names a place of a reading only of readings that there are', function () {
    $dictionary = Subjects::dictionary();
    foreach ($dictionary->having(static fn (Nature $n): bool => $n->partOf !== '') as $key) {
        expect($dictionary->find($dictionary->get($key)->nature()->partOf))->not->toBeNull();
    }
    expect($dictionary->placesOf('flywheel.face_runout'))->toHaveCount(8);
});

it('keeps over the years only figures that are worked out or read', function () {
    $dictionary = Subjects::dictionary();
    foreach ($dictionary->overYears as $name) {
        expect($dictionary->figures->has($name) || $dictionary->find($name)?->dimension === Dimension::Length)->toBeTrue($name);
    }
    foreach ($dictionary->ofTheWork as $name) {
        expect($dictionary->figures->has($name))->toBeTrue($name);
    }
});

it('asks for one fact at several stations in one kind and dimension, and none says the same of itself', function () {
    $dictionary = Subjects::dictionary();
    $same = array_filter($dictionary->all(), static fn (Field $f): bool => $f->nature()->sameAs !== '');
    expect($same)->not->toBeEmpty();
    foreach ($same as $field) {
        $other = $dictionary->get($field->nature()->sameAs);
        expect([$other->kind === Kind::Quantities ? Kind::Quantity : $other->kind, $other->dimension])
            ->toBe([$field->kind, $field->dimension], $field->key)
            ->and($other->key)->not->toBe($field->key)->and($other->nature()->sameAs)->toBe('');
    }
});

it('lets one entry speak for all that ask for the same, wherever it was typed', function (string $typed) {
    $sheet = sheetOfJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => ['class' => 'car'],
        ...(str_starts_with($typed, 'fastening') ? ['fastening' => ['cover' => ['bolts' => 6]]] : ['readings' => [$typed => 6]])]));
    foreach (['match.bolt_count', 'bench.bolts_old', 'fastening.cover.bolts'] as $key) {
        expect($sheet->values->count($key))->toBe(6)->and($sheet->values->toldBy($key))->toBe($key === $typed ? '' : $typed);
    }
    // Of two bolts there is no round to tighten: what cannot be held is not told.
    $two = sheetOfJson('{"format":"jade-spindle/job-sheet","version":1,"vehicle":{"class":"car"},"readings":{"match.bolt_count":2}}');
    expect($two->values->count('fastening.cover.bolts'))->toBeNull()->and($two->values->count('bench.bolts_old'))->toBe(2);
})->with(['match.bolt_count', 'bench.bolts_old', 'fastening.cover.bolts']);
