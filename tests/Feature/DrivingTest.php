<?php

declare(strict_types=1);

use App\Changes\SignSheet;
use App\Files\PrintedSheet;
use App\Jobs\AssessedJob;
use App\Limits\LiningWear;
use App\Limits\ShopBooks;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\User;
use App\Page\Driving;
use App\Page\HabitSlider;
use Spindle\Capacity\Habit;
use Spindle\Capacity\LiningLife;

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'bram')->firstOrFail());
    $this->driving = static fn (array $asked = []): Driving => Driving::of(AssessedJob::of(Job::whole(10)), $asked);
});

it('moves the habits by hand, and says what each takes', function () {
    $this->get('/jobs/10/driving')->assertOk()->assertSee('As entered at the demand')->assertSee(' EUR dearer for 10 000 km')
        ->assertSee('km a year');
    $gentle = $this->get('/jobs/10/driving?revs=1500&held=0&hard_starts=0&trailer=0')->assertOk();
    $gentle->assertSee('as usual')->assertDontSee('less,');
    // What is no number, or out of reach, moves nothing.
    $this->get('/jobs/10/driving?revs=soup&held=-5&trailer=1e12')->assertOk();
});

it('keeps them for the customer’s page and prints them there', function () {
    $this->post('/jobs/10/driving', ['revs' => '1800', 'held' => '10', 'hard_starts' => '0', 'trailer' => '0'])->assertRedirect();
    $kept = ($this->driving)();

    expect($kept->isKept)->toBeTrue()->and($kept->shown[Habit::Revs->value])->toBe(1800.0)
        ->and($kept->shown[Habit::Held->value] * 3600)->toEqualWithDelta(10.0, 1e-9)
        ->and($kept->far(Habit::Trailer))->toBe('none')
        ->and(PrintedSheet::of(AssessedJob::of(Job::whole(10))))->toStartWith('%PDF');
});

it('says what is missing where it cannot be worked out', function () {
    $this->get('/jobs/9/driving')->assertOk()->assertSee('not known without: kit');
    $this->get('/jobs/3/driving')->assertOk()->assertSee('rolling radius');
});

it('offers each habit in a reach of its own', function () {
    $sliders = HabitSlider::all(($this->driving)());

    expect(array_column($sliders, 'name'))->toBe(array_column(Habit::cases(), 'value'));
    foreach ($sliders as $slider) {
        expect($slider->value)->toBeGreaterThanOrEqual($slider->least)->toBeLessThanOrEqual($slider->most);
    }
});

it('leans on the shop’s own wear as soon as a job of its own speaks, and freezes it with the signature', function () {
    $before = ($this->driving)()->usual();
    expect(LiningWear::section())->toBeNull()->and($before?->jobs)->toBe(0);
    JobFacts::query()->where('clutch_job_id', 1)->update(['wear_of' => 'organic.town', 'wear_k' => 18.0]);
    ShopBooks::forget();
    $after = ($this->driving)()->usual();

    // One job at 18 beside five at 9: ln k = ln 9 + ln 2 ÷ 6.
    expect($after)->toBeInstanceOf(LiningLife::class)->and($after->jobs)->toBe(1)
        ->and($after->life)->toEqualWithDelta($before->life / 2 ** (1 / 6), 1.0);
    // What was signed stays, whatever the shop learns later.
    expect((new SignSheet(User::query()->where('login', 'ines')->firstOrFail()))->sign(Job::whole(10)))->toBeTrue();
    JobFacts::query()->where('clutch_job_id', 1)->update(['wear_k' => 2.0]);
    ShopBooks::forget();
    expect(($this->driving)()->usual()?->life)->toEqualWithDelta($after->life, 1.0);
});

it('learns from what was signed here, and from nothing else', function () {
    $this->get('/jobs/10/driving')->assertOk();
    (new SignSheet(User::query()->where('login', 'ines')->firstOrFail()))->sign(Job::whole(10));
    $facts = JobFacts::query()->findOrFail(10);

    expect($facts->wear_of)->toBe('organic.town')->and($facts->wear_k)->toBeGreaterThan(0.0);
    foreach (JobFacts::query()->whereNotNull('wear_of')->get() as $one) {
        expect($one->job->signedSheet)->not->toBeNull();
    }
});
