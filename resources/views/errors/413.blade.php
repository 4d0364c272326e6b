@include('errors.page', ['code' => '413'])
