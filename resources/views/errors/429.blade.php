@include('errors.page', ['code' => '429'])
