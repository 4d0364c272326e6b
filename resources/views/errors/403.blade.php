@include('errors.page', ['code' => '403', 'words' => $exception->getMessage() ?: null])
