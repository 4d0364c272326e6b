@include('errors.page', ['code' => '419'])
