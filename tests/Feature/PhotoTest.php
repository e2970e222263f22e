<?php

declare(strict_types=1);

use App\Models\Photo;
use App\Photos\CleanPicture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** A JPEG of this size that carries an EXIF note: how the camera was held, and a comment. */
function jpegWithExif(int $width, int $height, int $orientation): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, 20, 120, 90));
    ob_start();
    imagejpeg($image);
    $jpeg = (string) ob_get_clean();
    $tiff = "II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0);
    $exif = "Exif\0\0".$tiff.'SECRET PLACE';

    return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
}

beforeEach(function () {
    Storage::fake('local');
    $this->actingAs($by = $this->technician());
    $this->job = $this->newJob($by);
    $this->send = fn (string $bytes, string $caption = 'Flywheel face', string $name = 'p.jpg') => $this->from(
        "/jobs/{$this->job->id}/strip",
    )->post("/jobs/{$this->job->id}/photos", [
        'station' => 'strip',
        'caption' => $caption,
        'photo' => UploadedFile::fake()->createWithContent($name, $bytes),
    ]);
});

it('keeps a photo with its part, upright, smaller and without what the camera wrote', function () {
    ($this->send)(jpegWithExif(3000, 2000, 6))->assertSessionHasNoErrors();
    $photo = Photo::query()->sole();
    $kept = (string) Storage::disk('local')->get($photo->file);

    expect([$photo->width, $photo->height])->toBe([1200, 1800])->and($photo->caption)->toBe('Flywheel face')
        ->and($kept)->not->toContain('SECRET PLACE')->not->toContain("Exif\0");
    $this->get("/jobs/{$this->job->id}/strip")->assertSee('Flywheel face, enlarge');
    $this->get("/jobs/{$this->job->id}/photos/{$photo->id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
});

it('shows a photo to nobody else and on no other job', function () {
    ($this->send)(jpegWithExif(40, 30, 1));
    $other = $this->newJob($this->technician(), plate: 'ZZ 9');
    $id = Photo::query()->sole()->id;

    $this->get("/jobs/{$other->id}/photos/{$id}")->assertNotFound();
    auth()->guard('web')->forgetUser();
    $this->get("/jobs/{$this->job->id}/photos/{$id}")->assertRedirect('/sign-in');
});

it('refuses what is no picture, and says so', function (string $bytes, string $name) {
    ($this->send)($bytes, name: $name)->assertSessionHasErrors('photo');
    expect(Photo::query()->count())
        ->toBe(0)
        ->and(Storage::disk('local')->allFiles())
        ->toBe([]);
})->with([
    'text' => ['hello', 'p.jpg'],
    'markup' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'p.svg'],
    'program' => ['<?php echo 1;', 'p.php'],
    'half a picture' => ["\xFF\xD8\xFF\xE0\x00\x10JFIF", 'p.jpg'],
    'a picture said to be huge' => [
        "\x89PNG\r\n\x1a\n\x00\x00\x00\rIHDR".pack('NN', 60000, 60000)."\x08\x06\x00\x00\x00\x00\x00\x00\x00",
        'p.png',
    ],
]);

it('asks which part it shows', function () {
    ($this->send)(jpegWithExif(40, 30, 1), '')->assertSessionHasErrors(['caption' => 'Part: say which part the photo shows.']);
});

it('puts a transparent picture on white', function () {
    $image = imagecreatetruecolor(10, 10);
    imagealphablending($image, false);
    imagesavealpha($image, true);
    imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, 0, 0, 0, 127));
    ob_start();
    imagepng($image);
    $clean = imagecreatefromstring(CleanPicture::of((string) ob_get_clean())->jpeg);

    expect($clean === false ? null : imagecolorat($clean, 5, 5) & 0xFF)->toBeGreaterThan(250);
});

it('keeps a photo with its part of the open clutch, and comes back to that part', function () {
    $this->post("/jobs/{$this->job->id}/photos", [
        'station' => 'strip',
        'part' => 'flywheel',
        'caption' => 'Heat spots',
        'photo' => UploadedFile::fake()->image('f.jpg', 600, 400),
    ])->assertRedirect("/jobs/{$this->job->id}/strip?part=flywheel#part-flywheel");
    $this->post("/jobs/{$this->job->id}/photos", [
        'station' => 'strip',
        'part' => 'gearbox',
        'caption' => 'x',
        'photo' => UploadedFile::fake()->image('f.jpg', 60, 40),
    ])->assertSessionHasErrors('part');

    expect(Photo::query()->get()->map->only('part', 'caption')->all())->toBe([['part' => 'flywheel', 'caption' => 'Heat spots']]);
    $page = $this->get("/jobs/{$this->job->id}/strip?part=flywheel")->getContent();
    expect(strpos($page, 'Heat spots'))
        ->toBeGreaterThan(strpos($page, 'id="part-flywheel"'))
        ->toBeLessThan(strpos($page, 'id="part-bearing"'));
});
