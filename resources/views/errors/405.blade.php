@include('errors.page', ['code' => '405'])
