@include('drawings.disc', ['part' => 'disc2'])
