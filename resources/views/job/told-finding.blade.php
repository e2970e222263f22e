@php([$pieceId, $madeFrom] = ['finding-'.str_replace(['.', '_'], '-', $finding->id), $tell->madeFrom($page, $entries, $finding)])
@includeWhen($pieces->wants($pieceId, $madeFrom), 'job.finding')
