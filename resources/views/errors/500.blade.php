@include('errors.page', ['code' => '500'])
