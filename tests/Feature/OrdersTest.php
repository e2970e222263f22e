<?php

declare(strict_types=1);

use App\Counter\CounterAnswer;
use App\Counter\CounterUnavailable;
use App\Counter\PartsCounter;
use App\Counter\SimulatedCounter;
use App\Jobs\AssessedJob;
use App\Models\Job;
use App\Models\Kit;
use App\Models\Note;
use App\Models\OrderState;
use App\Models\OrderStep;
use App\Models\User;
use App\Page\JobParts;

beforeEach(function () {
    $this->seedDemo();
    $this->actingAs(User::query()->where('login', 'bram')->firstOrFail());
});

/** A counter that says what it is told to. */
function counterSaying(?CounterAnswer $answer): void
{
    app()->instance(PartsCounter::class, new class($answer) implements PartsCounter
    {
        public function __construct(private readonly ?CounterAnswer $answer)
        {
        }

        public function offer(string $number, int $quantity): CounterAnswer
        {
            return $this->answer ?? throw CounterUnavailable::silent();
        }

        public function order(string $number, int $quantity, string $key): CounterAnswer
        {
            return $this->offer($number, $quantity);
        }

        public function standing(string $reference, string $number, int $quantity): CounterAnswer
        {
            return $this->offer($number, $quantity);
        }

        public function cancel(string $reference, string $number): CounterAnswer
        {
            return $this->offer($number, 1);
        }
    });
}

/** @return string what a part of the list says of the order that settles it */
function orderOf(int $job, string $part): string
{
    return AssessedJob::of(Job::whole($job))->values()->word("parts.{$part}_order") ?? '';
}

it('orders, waits, takes a part of it and then the rest', function () {
    counterSaying(new CounterAnswer(OrderState::Ordered, 48.5, 'EUR', 2, 'AB12', 'Taken.'));
    $this->post('/jobs/3/parts/order', ['part' => 'pilot', 'number' => 'PB-15', 'quantity' => '2'])->assertSessionHasNoErrors();
    $step = OrderStep::lastOf(3)['pilot'];
    $this->get('/jobs/3/parts')->assertOk()->assertSee('This job waits for pilot bearing or bush')
        ->assertSee('PB-15')->assertSee('97.00 EUR');
    expect($step->due_on)->toBe(now()->addWeekdays(2)->toDateString());
    // A second press orders nothing twice; the list says where the part comes from, and the bay what the job waits for.
    $this->post('/jobs/3/parts/order', ['part' => 'pilot', 'number' => 'PB-15', 'quantity' => '2']);
    expect(OrderStep::query()->where('part', 'pilot')->pluck('state')->all())->toBe([OrderState::Asked, OrderState::Ordered])
        ->and(Job::query()->findOrFail(3)->state->value)->toBe('parts');
    counterSaying(new CounterAnswer(OrderState::PartArrived, 48.5, 'EUR', 3, 'AB12', 'One has come.', 1));
    $this->post("/jobs/3/parts/order/{$step->id}", ['what' => 'ask'])->assertSessionHasNoErrors();
    $this->get('/jobs/3/parts')->assertSee('1 of 2 here')->assertSee('Arrived in part');
    expect(orderOf(3, 'pilot'))->toBe('PB-15, reference AB12');
    $this->post('/jobs/3/parts/order/'.OrderStep::lastOf(3)['pilot']->id, ['what' => 'arrived', 'pieces' => '3'])
        ->assertSessionHasErrors('pieces');
    $this->post('/jobs/3/parts/order/'.OrderStep::lastOf(3)['pilot']->id, ['what' => 'arrived', 'pieces' => '2']);
    $this->get('/jobs/3/parts')->assertSee('Nothing ordered is on its way');
    $this->post('/jobs/3/parts/order/'.OrderStep::lastOf(3)['pilot']->id, ['what' => 'sent_back', 'said' => 'Too large']);
    expect(OrderStep::lastOf(3)['pilot']->said)->toBe('Too large')
        ->and(orderOf(3, 'pilot'))->toBe('');
    // Sent back it settles nothing: the part is to be ordered again.
    $this->get('/jobs/3/parts')->assertSee('no order shows it: pilot bearing or bush');
    $csv = $this->get('/jobs/3/parts/order.csv')->assertOk()->getContent();
    expect($csv)->toContain('"Pilot bearing or bush",PB-15')->toContain('sent_back');
    $this->get('/jobs/3/parts/order')->assertOk()->assertSee('PB-15');
});

it('takes nothing as ordered that the counter did not confirm', function () {
    counterSaying(null);
    $this->post('/jobs/3/parts/order', ['part' => 'pilot', 'number' => 'PB-15', 'quantity' => '1'])->assertSessionHasErrors('order');

    expect(OrderStep::lastOf(3)['pilot']->state)->toBe(OrderState::NoAnswer)
        ->and(AssessedJob::of(Job::whole(3))->values()->word('parts.pilot'))->toBeNull();
    counterSaying(new CounterAnswer(OrderState::Refused, null, '', null, '', 'No longer supplied.'));
    $this->post('/jobs/3/parts/order', ['part' => 'pilot', 'number' => 'PB-15', 'quantity' => '1']);
    $this->get('/jobs/3/parts')->assertSee('Refused')->assertSee('No longer supplied');
    $this->post('/jobs/3/parts/order', ['part' => 'cheese', 'number' => 'PB-15', 'quantity' => '1'])->assertSessionHasErrors('part');
    $this->post('/jobs/1/parts/order', ['part' => 'pilot', 'number' => 'PB-15', 'quantity' => '1'])->assertSessionHasErrors('order');
});

it('ships a counter that shows each case', function (string $number, OrderState|string $expected) {
    $waited = 0.0;
    $counter = new SimulatedCounter(static function (float $s) use (&$waited): void {
        $waited += $s;
    });
    if (is_string($expected)) {
        expect(fn () => $counter->order($number, 2, 'a'))->toThrow(CounterUnavailable::class, $expected);
    } else {
        $answer = $counter->order($number, 2, 'a');
        expect(($answer->state === OrderState::Ordered ? $counter->standing($answer->reference, $number, 2)
            : $answer)->state)->toBe($expected);
    }
})->with([
    ['X-1', OrderState::Arrived], ['X-2', OrderState::PartArrived], ['X-5', OrderState::BackOrder], ['X-6', OrderState::Refused],
    ['X-7', 'did not answer within'], ['X-9', 'does not answer'],
]);

it('cancels an order, or the rest of it, where the counter says it is not too late', function () {
    counterSaying(new CounterAnswer(OrderState::Ordered, 4.0, 'EUR', 2, 'CD34', 'Taken.'));
    foreach (['pilot', 'cover_bolts'] as $part) {
        $this->post('/jobs/3/parts/order', ['part' => $part, 'number' => 'N-1', 'quantity' => '6']);
    }
    $cancel = fn (string $part) => $this->post('/jobs/3/parts/order/'.OrderStep::lastOf(3)[$part]->id, ['what' => 'cancel']);
    counterSaying(new CounterAnswer(OrderState::Ordered, null, '', null, 'CD34', 'Too late.'));
    $cancel('pilot');
    expect(OrderStep::lastOf(3)['pilot']->state)->toBe(OrderState::Ordered)
        ->and(OrderStep::lastOf(3)['pilot']->said)->toBe('Too late.');
    counterSaying(null);
    $cancel('pilot')->assertSessionHasErrors('order');
    expect(OrderStep::lastOf(3)['pilot']->state)->toBe(OrderState::Ordered);
    counterSaying(new CounterAnswer(OrderState::Cancelled, null, '', null, 'CD34', 'Taken back.'));
    $cancel('pilot');
    $this->post('/jobs/3/parts/order/'.OrderStep::lastOf(3)['cover_bolts']->id, ['what' => 'arrived', 'pieces' => '4']);
    $cancel('cover_bolts');

    expect(OrderStep::lastOf(3)['pilot']->state)->toBe(OrderState::Cancelled)->and(orderOf(3, 'pilot'))->toBe('')
        ->and(OrderStep::lastOf(3)['cover_bolts']->state)->toBe(OrderState::Arrived)
        ->and(OrderStep::lastOf(3)['cover_bolts']->quantity)->toBe(4)->and(orderOf(3, 'cover_bolts'))->toBe('N-1, reference CD34');
});

it('leaves what somebody wrote of an order made elsewhere', function () {
    $this->enter(Job::whole(3), 'kit', 'parts.pilot_order', 'by telephone, Tidewick')->assertOk();
    counterSaying(new CounterAnswer(OrderState::Refused, null, '', null, '', 'No longer supplied.'));
    $this->post('/jobs/3/parts/order', ['part' => 'pilot', 'number' => 'PB-15', 'quantity' => '1']);

    expect(orderOf(3, 'pilot'))->toBe('by telephone, Tidewick');
});

it('asks before a kit is ordered that is out, or of which not everything is known', function () {
    counterSaying(new CounterAnswer(OrderState::Ordered, 210.0, 'EUR', 2, 'EF56', 'Taken.'));
    $order = fn (array $more = [], string $number = 'MQ-240-S') => $this->from('/jobs/3/parts')->followingRedirects()
        ->post('/jobs/3/parts/order', ['part' => 'kit', 'number' => $number, 'quantity' => '1', ...$more]);
    $chosen = Kit::query()->where('number', 'MQ-240-S')->sole();
    $this->post('/jobs/3/kit/choice', ['kit' => $chosen->id]);
    $order()->assertSee('Nothing is ordered yet')->assertSee('Why it is ordered all the same')->assertSee('unmeasured:');
    $order([], 'ZZ-1')->assertSee('nothing of ZZ-1 was checked');
    expect(OrderStep::lastOf(3))->not->toHaveKey('kit');
    $order(['anyway' => 'the vehicle is measured at noon'])->assertDontSee('Nothing is ordered yet');

    expect(OrderStep::lastOf(3)['kit']->state)->toBe(OrderState::Ordered)
        ->and(Note::query()->where('clutch_job_id', 3)->pluck('text')->last())->toContain('the vehicle is measured at noon');
});

it('takes every proposal of the list with one press, and a rejected part still wants its order', function () {
    $proposed = JobParts::of(AssessedJob::of(Job::whole(3)))->proposed();
    $this->post('/jobs/3/parts/accept')->assertSessionHas('notice', count($proposed).' as proposed.');
    $page = AssessedJob::of(Job::whole(3));

    expect($proposed)->toHaveKeys(['flywheel', 'pilot'])->and(JobParts::of($page)->proposed())->toBe([])
        ->and($page->values()->word('parts.flywheel'))->toBe('ordered')
        ->and($page->assessment->find('parts.open')?->missing)->toContain('parts.flywheel_order');
});

it('reckons a part beside the box at the counter’s price, once it was asked', function () {
    $kit = Kit::query()->where('number', 'MQ-240-H')->sole();
    $this->get("/jobs/2/kit/{$kit->id}")->assertSee('cover bolts 11 as usual');
    counterSaying(new CounterAnswer(OrderState::Offered, 2.5, 'EUR', 2, '', 'In stock.'));
    $this->post('/jobs/2/parts/order', ['part' => 'cover_bolts', 'number' => 'CB-1', 'quantity' => '6', 'ask' => '1']);

    $this->get("/jobs/2/kit/{$kit->id}")->assertSee('cover bolts 15 at the counter');
});
