<?php

declare(strict_types=1);

use App\Jobs\ReaderLocale;
use App\Limits\ShopBooks;

/*
 * Dates and figures by the shop's region, the same for everybody; patterns as Unicode CLDR has them for the region.
 */

beforeEach(function () {
    $this->at = new DateTimeImmutable('2026-11-30 14:05:00', new DateTimeZone(date_default_timezone_get()));
    $this->region = function (string $region) {
        $lead = App\Models\User::factory()->create(['role' => 'lead']);
        $answer = $this->actingAs($lead)->post('/rules', ['section' => 'shop', 'name' => 'region', 'value' => $region]);
        ShopBooks::forget();

        return $answer;
    };
});

it('writes days, times and decimals as the region does, whatever the reader\'s browser asks for', function (
    string $region, string $day, string $time, string $sign,
) {
    ($this->region)($region)->assertSessionHasNoErrors();
    request()->headers->set('Accept-Language', 'fr-FR');
    expect(ReaderLocale::day($this->at))->toBe($day)->and(ReaderLocale::time($this->at))->toBe($time)
        ->and(ReaderLocale::decimalSign())->toBe($sign);
})->with([
    ['en-GB', 'Mon, 30 Nov 2026', '14:05', '.'], ['de-DE', 'Mo., 30. Nov. 2026', '14:05', ','],
    ['de-CH', 'Mo., 30. Nov. 2026', '14:05', '.'],
]);

it('follows the browser until somebody says, and takes nothing that is no region', function () {
    request()->headers->set('Accept-Language', 'de-DE');
    expect(ReaderLocale::decimalSign())->toBe(',');
    ($this->region)('over the hill')->assertSessionHasErrors('value');
    request()->headers->set('Accept-Language', 'de-DE');
    expect(ReaderLocale::tag())->toBe('de_DE');
});
