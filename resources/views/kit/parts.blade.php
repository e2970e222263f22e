@include('kit.links', ['here' => 'parts'])
