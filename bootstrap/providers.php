<?php

return [App\Providers\WorkroomProvider::class];
