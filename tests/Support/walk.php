<?php

declare(strict_types=1);

/*
 * What somebody types who does one of the complete jobs at its stations, in their order, as JSON: for the browser tests.
 * Usage: php tests/Support/walk.php "truck, one disc, air-assisted, new clutch"
 */

use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;
use Spindle\Sheet\Station;
use Tests\Support\CompleteJobs;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$job = CompleteJobs::all()[$argv[1] ?? ''] ?? exit("no such job\n");
$document = Document::ofJson((string) json_encode(['format' => 'jade-spindle/job-sheet', 'version' => 1, ...$job]));
$typed = static fn (mixed $value): string => is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;
$walk = array_fill_keys(array_map(static fn (Station $s): string => $s->value, Station::cases()), []);
foreach (Subjects::dictionary()->all() as $key => $field) {
    // Written on the form of a new job, chosen from the shelf, or ticked on a drawing.
    $isElsewhere = in_array($key, ['vehicle.name', 'vehicle.plate', 'vehicle.class'], true)
        || preg_match('/^kit\.|^parts\.|\.done_/', $key) === 1;
    $value = $isElsewhere ? null : $document->get($field->path());
    if ($value !== null) {
        $walk[$field->station->value][$key] = is_array($value) ? array_map($typed, $value) : $typed($value);
    }
}
echo json_encode([
    'name' => $document->get(['vehicle', 'name']), 'plate' => $document->get(['vehicle', 'plate']),
    'class' => $document->get(['vehicle', 'class']), 'kit' => $document->get(['kit', 'number']),
    'bolts' => $document->get(['fastening', 'cover', 'bolts']), 'walk' => $walk,
], JSON_THROW_ON_ERROR);
