<?php

declare(strict_types=1);

use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Length;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\DictionaryError;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Results;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Sheet\Topic;
use Spindle\Sheet\Whose;

/** A subject that no clutch has: one folder's worth of it in one class, to see that nothing else has to be told of it. */
function toySubject(): Subject
{
    return new class implements Judgement, Subject
    {
        public function describe(DictionaryBuilder $dictionary): void
        {
            $seen = Nature::measured(Whose::Vehicle, Place::Flywheel)->reading();
            $dictionary->parts(Station::Strip, 'toy');
            $dictionary->fields(static fn (): array => [
                Make::fromZero('toy.gap', Station::Strip, 'Gap of the toy', Dimension::Length, 10)->is($seen),
                Make::fromZero('toy.width', Station::Strip, 'Width of the toy', Dimension::Length, 100)->is($seen),
            ]);
            $dictionary->limits(new PracticeRow('toy.gap', PracticeRow::ALL, Dimension::Length, Provenance::FromMemory, max: 1.0));
            $dictionary->figures(['toy.sum' => 'mm']);
            $dictionary->comparisons(Comparison::greatest('toy.gap', Remedy::other(aSentence('mend the toy'))));
            $dictionary->judgements($this);
        }

        public function topic(): Topic
        {
            return new Topic('toy.summed', 'The toy');
        }

        public function assess(JobSheet $sheet, Results $results): void
        {
            $width = $sheet->values->one(Length::class, 'toy.width');
            if ($width === null) {
                $results->finding(Finding::unmeasured('toy.sum', aSentence('How wide the toy is, is not known.'), 'toy.width'));
            } elseif ($width->value > 90.0) {
                throw new DomainException('A toy this wide cannot be');
            } else {
                $results->figure('toy.sum', $width);
                $results->finding(Finding::of('toy.sum', Verdict::Within, aSentence('The toy is as wide as it is.'))->from('toy.width'));
            }
        }
    };
}

/** @param  array<string, mixed>  $readings */
function withToy(array $readings): Assessment
{
    $json = (string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, 'readings' => (object) $readings]);

    return Assessment::of(JobSheet::ofJson($json, Subjects::describe(toySubject(), ...Subjects::all())));
}

/** @return array<string, mixed> everything an assessment says, by name */
function saidBy(Dictionary $dictionary, string $json): array
{
    $assessment = Assessment::of(JobSheet::ofJson($json, $dictionary));
    $said = [
        'figures' => $assessment->figures,
        'findings' => array_column(array_map(static fn (Finding $f): array => [$f->id, $f], $assessment->findings), 1, 0),
    ];
    ksort($said['figures']);
    ksort($said['findings']);

    return $said;
}

it('says the same of every demonstration job whatever the order of the subjects', function () {
    $files = glob(dirname(__DIR__, 3).'/database/demo/[0-9]*.json') ?: [];
    $engine = new Random\Randomizer(new Random\Engine\Mt19937(7));
    expect($files)->not->toBe([]);
    for ($round = 0; $round < 6; $round++) {
        $shuffled = Subjects::describe(...$engine->shuffleArray(Subjects::all()));
        foreach ($files as $file) {
            $json = (string) file_get_contents($file);
            expect(saidBy($shuffled, $json))->toEqual(saidBy(Subjects::dictionary(), $json), basename($file));
        }
    }
});

it('takes a new subject in without anybody else being told', function () {
    $assessment = withToy(['toy.gap' => '1.4 mm', 'toy.width' => '40 mm']);

    expect($assessment->find('toy.gap')?->verdict)->toBe(Verdict::Out)
        ->and($assessment->find('toy.gap')?->say(metric()))->toBe("Gap of the toy 1.4\u{a0}mm, at most 1\u{a0}mm (practice): mend the toy.")
        ->and($assessment->find('toy.sum')?->verdict)->toBe(Verdict::Within)
        ->and($assessment->figure('toy.sum'))->toBe(40.0)
        ->and($assessment->verdictAt(Station::Strip))->toBe(Verdict::Out);
});

it('asks for what a new subject misses, and says when it cannot be worked out', function () {
    expect(withToy([])->unmeasured())->toContain('toy.width')
        ->and(withToy(['toy.width' => '95 mm'])->find('toy.summed.unworkable')?->say(metric()))->toContain('a toy this wide cannot be');
});

it('reads a new subject again after the work', function () {
    $json = '{"format":"jade-spindle/job-sheet","version":1,"readings":{"toy.gap":"1.4 mm"},"as_left":{"toy.gap":"0.4 mm"}}';
    $assessment = Assessment::of(JobSheet::ofJson($json, Subjects::describe(toySubject(), ...Subjects::all())));

    expect($assessment->find('toy.gap')?->verdict)
        ->toBe(Verdict::Within)
        ->and($assessment->findAsFound('toy.gap')?->verdict)
        ->toBe(Verdict::Out);
});

it('refuses two subjects that claim one name', function () {
    Subjects::describe(toySubject(), toySubject());
})->throws(DictionaryError::class, 'two subjects both own the field toy.gap');

it('takes a name that no subject knows for a mistake, not for something unmeasured', function (Closure $ask) {
    $sheet = sheetOfJson('{"format":"jade-spindle/job-sheet","version":1}');

    expect(static fn (): mixed => $ask($sheet))->toThrow(DictionaryError::class);
})->with([
    'a reading' => [static fn (JobSheet $s): mixed => $s->values->one(Length::class, 'disc.thicknes')],
    'a word' => [static fn (JobSheet $s): mixed => $s->values->word('vehicle.clas')],
    'a flag' => [static fn (JobSheet $s): mixed => $s->values->flag('seals.leak_mendet')],
    'whether it is there' => [static fn (JobSheet $s): mixed => $s->values->has('disc.wear')],
    'what is missing' => [static fn (JobSheet $s): mixed => $s->values->missing('toy.gap')],
    'whether it is asked' => [static fn (JobSheet $s): mixed => $s->dictionary->isAsked('toy.gap', $s)],
    'a figure' => [static fn (JobSheet $s): mixed => $s->dictionary->figures->unit('toy.sum')],
    'a finding' => [static fn (JobSheet $s): mixed => $s->dictionary->stationOf('toy.gap')],
    'a field' => [static fn (JobSheet $s): mixed => $s->dictionary->get('toy.gap')],
]);
