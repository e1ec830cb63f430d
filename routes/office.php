<?php

declare(strict_types=1);

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\ColleagueController;
use App\Http\Controllers\Account\EntryController;
use App\Http\Controllers\Account\ForgottenController;
use App\Http\Controllers\Audit\AnswerController;
use App\Http\Controllers\Audit\AssignmentController;
use App\Http\Controllers\Audit\AuditController;
use App\Http\Controllers\Audit\FormController as ForeignFormController;
use App\Http\Controllers\Audit\SuspensionController;
use App\Http\Controllers\Evidence\PersonController;
use App\Http\Controllers\Evidence\SearchController;
use App\Http\Controllers\Evidence\SignupController;
use App\Http\Controllers\Evidence\SpamController;
use App\Http\Controllers\Evidence\WithdrawalController;
use App\Http\Controllers\Lists\DestinationController;
use App\Http\Controllers\Lists\KeyController;
use App\Http\Controllers\Lists\ListController;
use App\Http\Controllers\Lists\PeopleController;
use App\Http\Controllers\Office\ActController;
use App\Http\Controllers\Office\DeskController;
use App\Http\Controllers\Office\EnquiryController;
use App\Http\Controllers\Office\HeldController;
use App\Http\Controllers\Office\LoginController;
use App\Http\Controllers\Office\MailController;
use App\Http\Controllers\Office\RequestController;
use App\Http\Controllers\Office\SenderController;
use App\Http\Controllers\Office\WorkController;
use App\Http\Controllers\Points\DrawController;
use App\Http\Controllers\Points\FlowController;
use App\Http\Controllers\Points\InventoryController;
use App\Http\Controllers\Points\PublishController;
use App\Http\Controllers\Points\RequirementController;
use App\Http\Controllers\Points\RulesController;
use App\Http\Controllers\Points\SheetController;
use App\Http\Controllers\Registers\ApprovalController;
use App\Http\Controllers\Registers\BeginController;
use App\Http\Controllers\Registers\LibraryController;
use App\Http\Controllers\Registers\NoticeController;
use App\Http\Controllers\Registers\RecordController;
use App\Http\Controllers\Registers\RecordHistoryController;
use App\Http\Controllers\Registers\WordedMailController;
use App\Http\Controllers\Registers\WordingController;
use App\Http\Controllers\Screening\LinesController;
use App\Http\Controllers\Screening\WeightsController;
use App\Models\Act;
use App\Models\Delivery;
use App\Models\Enquiry;
use App\Models\FailedWork;
use App\Models\ForeignForm;
use App\Models\HeldSubmission;
use App\Models\Point;
use App\Models\Record;
use App\Models\RightsRequest;
use App\Models\Subscriber;
use App\Models\User;
use Illuminate\Support\Facades\Route;
use Juramen\Register\Language;

/* The office: behind a login, and every route behind a policy. */
// Numbers of ours, none beyond what is stored as one.
Route::patterns(array_fill_keys(['number', 'user', 'filter', 'audit', 'read'], '[0-9]{1,18}'));

Route::redirect('/', '/desk')->name('home');
Route::get('/login', [LoginController::class, 'show'])->middleware('guest')->name('login');
Route::post('/login', [LoginController::class, 'enter'])->middleware(['guest', 'throttle:login'])->name('login.enter');
Route::get('/login/code', [LoginController::class, 'code'])->middleware('guest')->name('login.code');
Route::post('/login/code', [LoginController::class, 'prove'])->middleware(['guest', 'throttle:login'])->name('login.prove');
Route::get('/forgotten', [ForgottenController::class, 'show'])->middleware('guest')->name('forgotten');
Route::post('/forgotten', [ForgottenController::class, 'ask'])->middleware(['guest', 'throttle:login'])->name('forgotten.ask');
Route::get('/sender/{token}', [SenderController::class, 'show'])->name('sender');
Route::post('/sender', [SenderController::class, 'press'])->middleware('throttle:login')->name('sender.press');
Route::get('/enter', [EntryController::class, 'show'])->name('enter');
Route::get('/enter/{token}', [EntryController::class, 'open'])->name('enter.open');
Route::post('/enter', [EntryController::class, 'set'])->middleware('throttle:login')->name('enter.set');

Route::middleware('auth')->group(function (): void {
    Route::post('/logout', [LoginController::class, 'leave'])->name('logout');

    // Everybody's own: the desk shows each what their role may see.
    Route::get('/desk', [DeskController::class, 'show'])->name('desk');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::get('/token', [AccountController::class, 'token'])->name('token');
    Route::post('/account/password', [AccountController::class, 'password'])->middleware('throttle:login')->name('account.password');
    Route::post('/account/end', [AccountController::class, 'end'])->name('account.end');
    Route::get('/account/codes', [AccountController::class, 'codes'])->name('account.codes');
    Route::post('/account/codes', [AccountController::class, 'begin'])->middleware('throttle:login')->name('account.codes.begin');
    Route::post('/account/codes/renew', [AccountController::class, 'renew'])->middleware('throttle:login')->name('account.codes.renew');
    Route::post('/account/codes/end', [AccountController::class, 'endCodes'])->middleware('throttle:login')->name('account.codes.end');

    Route::get('/accounts', [ColleagueController::class, 'index'])->can('viewAny', User::class)->name('accounts');
    Route::post('/accounts', [ColleagueController::class, 'invite'])->can('manage', User::class)->name('accounts.invite');
    Route::prefix('/accounts/{user}')->name('accounts.')->group(function (): void {
        Route::get('/', [ColleagueController::class, 'show'])->can('viewAny', User::class)->name('show');
        Route::post('/', [ColleagueController::class, 'change'])->can('manage', User::class)->name('change');
        foreach (['again', 'end', 'reopen', 'drop'] as $act) {
            Route::post("/$act", [ColleagueController::class, $act])->can('manage', User::class)->name($act);
        }
    });
    Route::get('/acts', [ActController::class, 'index'])->can('viewAny', Act::class)->name('acts');

    Route::get('/requirements/read-wrongly.txt', [RequirementController::class, 'misread'])->can('viewAny', Point::class)->name('requirements.misread');
    Route::get('/requirements/{id}', [RequirementController::class, 'show'])->can('viewAny', Point::class)->name('requirement');
    Route::get('/points', [InventoryController::class, 'index'])->can('viewAny', Point::class)->name('points');
    Route::post('/points', [InventoryController::class, 'begin'])->can('change', Point::class)->name('points.begin');
    Route::post('/points/from-file', [InventoryController::class, 'take'])->can('change', Point::class)->name('points.take');
    Route::get('/rules', [RulesController::class, 'table'])->can('viewAny', Point::class)->name('rules');
    Route::post('/rules', [RulesController::class, 'follow'])->can('change', Point::class)->name('rules.follow');
    Route::prefix('/points/{point:slug}')->name('points.')->group(function (): void {
        Route::get('/', [SheetController::class, 'show'])->can('viewAny', Point::class)->name('sheet');
        Route::get('/since/{number}', [SheetController::class, 'since'])->can('viewAny', Point::class)->name('since');
        Route::get('/proof/{language}/{draft}', [SheetController::class, 'proof'])->can('viewAny', Point::class)->name('proof');
        Route::get('/history', [PublishController::class, 'history'])->can('viewAny', Point::class)->name('history');
        Route::get('/flow', [FlowController::class, 'show'])->can('viewAny', Point::class)->name('flow');
        Route::get('/publish', [PublishController::class, 'review'])->can('viewAny', Point::class)->name('publish');
        Route::post('/publish', [PublishController::class, 'publish'])->can('publish', Point::class)->name('publish.do');
        Route::post('/image', [SheetController::class, 'image'])->can('change', 'point')->name('image');
        Route::post('/gift', [SheetController::class, 'gift'])->can('change', 'point')->name('gift');
        Route::post('/handover', [PublishController::class, 'handOver'])->can('change', 'point')->name('handover');
        Route::post('/takeback', [PublishController::class, 'takeBack'])->can('change', 'point')->name('takeback');
        Route::post('/return', [PublishController::class, 'return'])->can('publish', Point::class)->name('return');
        Route::post('/copy', [InventoryController::class, 'copy'])->can('change', 'point')->name('copy');
        Route::get('/draw', [DrawController::class, 'show'])->can('viewAny', Point::class)->name('draw');
        Route::post('/draw', [DrawController::class, 'run'])->can('publish', Point::class)->name('draw.run');
        Route::get('/pause', [PublishController::class, 'pausing'])->can('publish', Point::class)->name('pausing');
        Route::post('/pause', [PublishController::class, 'pause'])->can('publish', Point::class)->name('pause');
        foreach (['judge', 'change', 'mend', 'undo', 'redo'] as $act) {
            Route::post("/$act", [SheetController::class, $act])->can('change', 'point')->name($act);
        }
    });

    Route::prefix('/wording')->group(function (): void {
        Route::get('/', [WordingController::class, 'index'])->can('viewAny', Record::class)->name('wording');
        Route::get('/registers', [WordingController::class, 'registers'])->can('viewAny', Record::class)->name('wording.registers');
        Route::get('/starters', [WordingController::class, 'starters'])->can('viewAny', Record::class)->name('wording.starters');
        Route::get('/mails', [WordedMailController::class, 'index'])->can('viewAny', Record::class)->name('wording.mails');
        Route::get('/notice', [NoticeController::class, 'show'])->can('viewAny', Record::class)->name('wording.notice');
        Route::get('/library', [LibraryController::class, 'show'])->can('viewAny', Record::class)->name('wording.library');
        Route::get('/library/{format}', [LibraryController::class, 'export'])->can('viewAny', Record::class)->whereIn('format', ['csv', 'json'])
            ->name('wording.export');
        Route::post('/library', [LibraryController::class, 'read'])->can('draft', Record::class)->name('wording.read');
        Route::post('/library/apply', [LibraryController::class, 'apply'])->can('draft', Record::class)->name('wording.import');
    });
    Route::post('/records/statement/{slug}/rename', [BeginController::class, 'rename'])->can('draft', Record::class)->name('statements.rename');
    Route::post('/records/statement/{slug}/copy', [BeginController::class, 'copy'])->can('draft', Record::class)->name('statements.copy');
    Route::get('/records/mail/{slug}/proof/{language}/{draft}', [WordedMailController::class, 'proof'])->can('viewAny', Record::class)->name('mails.proof');
    Route::post('/records/mail/{slug}/send/{language}', [WordedMailController::class, 'send'])->can('draft', Record::class)
        ->whereIn('language', array_column(Language::cases(), 'value'))->name('mails.send');
    Route::post('/records/{kind}', [BeginController::class, 'begin'])->can('write', [Record::class, 'kind'])->name('records.begin');
    // A sheet is a record too, but is written and published under its point.
    $kinds = ['statement', 'controller', 'purpose', 'processor', 'rules', 'mail', 'list', 'destination'];
    Route::prefix('/records/{kind}/{slug}')->name('records.')->whereIn('kind', $kinds)
        ->group(function (): void {
            Route::get('/', [RecordController::class, 'show'])->can('viewAny', Record::class)->name('show');
            Route::get('/since/{number}', [RecordController::class, 'since'])->can('viewAny', Record::class)->name('since');
            Route::get('/history', [RecordHistoryController::class, 'show'])->can('viewAny', Record::class)->name('history');
            Route::get('/review', [ApprovalController::class, 'review'])->can('viewAny', Record::class)->name('review');
            foreach (['judge', 'change', 'mend', 'say', 'undo', 'redo'] as $act) {
                Route::post("/$act", [RecordController::class, $act])->can('write', [Record::class, 'kind'])->name($act);
            }
            Route::post('/sign', [RecordController::class, 'sign'])->can('write', [Record::class, 'kind'])->name('sign');
            Route::post('/submit', [ApprovalController::class, 'submit'])->can('write', [Record::class, 'kind'])->name('submit');
            Route::post('/takeback', [ApprovalController::class, 'takeBack'])->can('write', [Record::class, 'kind'])->name('takeback');
            foreach (['return', 'approve', 'retire'] as $act) {
                Route::post("/$act", [ApprovalController::class, $act])->can('approve', Record::class)->name($act);
            }
        });

    Route::get('/lists', [ListController::class, 'index'])->can('viewAny', Record::class)->name('lists');
    Route::get('/lists/{slug}/people', [PeopleController::class, 'index'])->can('viewAny', Subscriber::class)->name('lists.people');
    Route::post('/lists/{slug}/filters', [PeopleController::class, 'save'])->can('saveFilter', Subscriber::class)->name('lists.filters');
    Route::post('/lists/{slug}/filters/{filter}/drop', [PeopleController::class, 'drop'])->can('saveFilter', Subscriber::class)
        ->name('lists.filters.drop');
    foreach (['fetch', 'try'] as $act) {
        Route::post("/destinations/{slug}/$act", [DestinationController::class, $act])->can('handOver', Record::class)->name("destinations.$act");
    }
    Route::post('/senders/{slug}', [SenderController::class, 'ask'])->can('handOver', Record::class)->name('senders.ask');
    Route::get('/keys', [KeyController::class, 'index'])->can('setKey', Record::class)->name('keys');
    Route::post('/keys/{slug}', [KeyController::class, 'set'])->can('setKey', Record::class)->name('keys.set');

    Route::get('/evidence', [SearchController::class, 'show'])->can('viewAny', Subscriber::class)->name('evidence');
    Route::post('/evidence', [SearchController::class, 'find'])->can('viewAny', Subscriber::class)->name('evidence.find');
    Route::get('/evidence/signups', [SignupController::class, 'index'])->can('viewAny', Subscriber::class)->name('evidence.signups');
    Route::get('/evidence/{subject}', [PersonController::class, 'show'])->can('viewAny', Subscriber::class)->name('evidence.person');
    Route::get('/evidence/{subject}/printed', [PersonController::class, 'printed'])->can('viewAny', Subscriber::class)->name('evidence.printed');
    Route::get('/evidence/{subject}/asked', [PersonController::class, 'asked'])->can('viewAny', Subscriber::class)->name('evidence.asked');
    Route::get('/evidence/{subject}/file/{entry}', [PersonController::class, 'file'])->can('viewAny', Subscriber::class)->name('evidence.file');
    Route::post('/evidence/{subject}/spam', [SpamController::class, 'find'])->can('decide', HeldSubmission::class)->name('evidence.spam');
    Route::get('/evidence/{subject}/alike', [SpamController::class, 'alike'])->can('decide', HeldSubmission::class)->name('evidence.alike');
    Route::post('/evidence/{subject}/alike', [SpamController::class, 'several'])->can('decide', HeldSubmission::class)->name('evidence.alike.do');
    Route::get('/evidence/{subject}/shown/{entry}', [PersonController::class, 'shown'])->can('viewAny', Subscriber::class)->name('evidence.shown');

    // Whoever of the house hears that somebody withdraws records it, and learns nothing by it.
    Route::get('/withdrawals', [WithdrawalController::class, 'show'])->can('endFor', Subscriber::class)->name('withdrawals');
    Route::post('/withdrawals', [WithdrawalController::class, 'record'])->can('endFor', Subscriber::class)->name('withdrawals.record');

    Route::prefix('/audit')->name('audit')->group(function (): void {
        Route::get('/', [AuditController::class, 'show'])->can('viewAny', ForeignForm::class);
        Route::get('/found', [AuditController::class, 'found'])->can('viewAny', ForeignForm::class)->name('.found');
        Route::get('/grid.svg', [AuditController::class, 'svg'])->can('viewAny', ForeignForm::class)->name('.svg');
        Route::get('/findings.{format}', [AuditController::class, 'export'])->can('viewAny', ForeignForm::class)->whereIn('format', ['csv', 'json'])
            ->name('.export');
        Route::post('/', [AuditController::class, 'take'])->can('take', ForeignForm::class)->name('.take');
        Route::get('/taken', [AuditController::class, 'all'])->can('viewAny', ForeignForm::class)->name('.all');
        Route::get('/taken/{audit}', [AuditController::class, 'taken'])->can('viewAny', ForeignForm::class)->name('.taken');
        Route::get('/taken/{audit}/report.{format}', [AuditController::class, 'report'])->can('viewAny', ForeignForm::class)
            ->whereIn('format', ['html', 'pdf'])->name('.report');
        Route::post('/answer', [AnswerController::class, 'answer'])->can('attest', ForeignForm::class)->name('.answer');
        Route::get('/answers/{answer}/file', [AnswerController::class, 'file'])->can('viewAny', ForeignForm::class)->name('.file');
        Route::post('/answers/{answer}/back', [AnswerController::class, 'takeBack'])->can('attest', ForeignForm::class)->name('.back');
        Route::post('/assign', [AssignmentController::class, 'assign'])->can('assign', ForeignForm::class)->name('.assign');
        Route::post('/assigned/{assignment}/back', [AssignmentController::class, 'takeBack'])->can('assign', ForeignForm::class)->name('.unassign');
        Route::post('/assigned/{assignment}/mended', [AssignmentController::class, 'mended'])->can('mend', [ForeignForm::class, 'assignment'])
            ->name('.mended');
        Route::post('/suspend/{point:slug}', [SuspensionController::class, 'order'])->can('suspend', ForeignForm::class)->name('.suspend');
        Route::post('/suspensions/{suspension}/lift', [SuspensionController::class, 'lift'])->can('suspend', ForeignForm::class)->name('.lift');
        Route::get('/forms', [ForeignFormController::class, 'index'])->can('viewAny', ForeignForm::class)->name('.forms');
        Route::post('/forms', [ForeignFormController::class, 'take'])->can('change', ForeignForm::class)->name('.forms.take');
        Route::get('/forms/{form}', [ForeignFormController::class, 'show'])->can('viewAny', ForeignForm::class)->name('.form');
        Route::get('/forms/{form}/page/{read}', [ForeignFormController::class, 'page'])->can('viewAny', ForeignForm::class)
            ->name('.form.page');
        foreach (['keep', 'again', 'mail', 'away', 'looked'] as $act) {
            Route::post("/forms/{form}/$act", [ForeignFormController::class, $act])->can('change', ForeignForm::class)->name(".form.$act");
        }
    });
    Route::get('/screening/lines', [LinesController::class, 'show'])->can('viewAny', HeldSubmission::class)->name('screening.lines');
    Route::get('/screening/lines/part', [LinesController::class, 'part'])->can('viewAny', HeldSubmission::class)->name('screening.lines.part');
    Route::post('/screening/lines', [LinesController::class, 'draw'])->can('decide', HeldSubmission::class)->name('screening.draw');
    Route::post('/screening/lines/{point:slug}/follow', [LinesController::class, 'follow'])->can('decide', HeldSubmission::class)->name('screening.follow');
    Route::get('/screening/weights', [WeightsController::class, 'show'])->can('viewAny', HeldSubmission::class)->name('screening.weights');
    Route::post('/screening/weights', [WeightsController::class, 'adopt'])->can('decide', HeldSubmission::class)->name('screening.adopt');

    Route::get('/held', [HeldController::class, 'index'])->can('viewAny', HeldSubmission::class)->name('held');
    Route::post('/held/decide', [HeldController::class, 'decide'])->can('decide', HeldSubmission::class)->name('held.decide');
    Route::post('/held/undo', [HeldController::class, 'undo'])->can('decide', HeldSubmission::class)->name('held.undo');

    Route::get('/enquiries', [EnquiryController::class, 'index'])->can('viewAny', Enquiry::class)->name('enquiries');
    Route::post('/enquiries/several', [EnquiryController::class, 'several'])->can('decide', Enquiry::class)->name('enquiries.several');
    Route::post('/enquiries/{id}/delete', [EnquiryController::class, 'delete'])->can('decide', Enquiry::class)->name('enquiries.delete');
    Route::get('/enquiries/{enquiry}', [EnquiryController::class, 'show'])->can('view', 'enquiry')->name('enquiries.show');
    Route::post('/enquiries/{enquiry}/request', [RequestController::class, 'record'])->can('work', 'enquiry')->name('enquiries.request');
    Route::get('/requests', [RequestController::class, 'index'])->can('viewAny', RightsRequest::class)->name('requests');
    foreach (['extend', 'answer', 'reopen', 'drop'] as $act) {
        Route::post("/requests/{asked}/$act", [RequestController::class, $act])->can('decide', RightsRequest::class)->name("requests.$act");
    }
    foreach (['give', 'close', 'spam', 'reopen', 'withdraw'] as $act) {
        Route::post("/enquiries/{enquiry}/$act", [EnquiryController::class, $act])->can('work', 'enquiry')->name("enquiries.$act");
    }
    Route::get('/mails', [MailController::class, 'index'])->can('viewAny', Delivery::class)->name('mails');
    Route::post('/mails/several', [MailController::class, 'several'])->can('decide', Delivery::class)->name('mails.several');
    Route::post('/mails/{delivery}/again', [MailController::class, 'again'])->can('decide', Delivery::class)->name('mails.again');
    Route::post('/mails/{delivery}/leave', [MailController::class, 'leave'])->can('decide', Delivery::class)->name('mails.leave');
    Route::get('/work', [WorkController::class, 'index'])->can('viewAny', FailedWork::class)->name('work');
    Route::post('/work/several', [WorkController::class, 'several'])->can('decide', FailedWork::class)->name('work.several');
    Route::post('/work/{work}/again', [WorkController::class, 'again'])->can('decide', FailedWork::class)->name('work.again');
    Route::post('/work/{work}/leave', [WorkController::class, 'leave'])->can('decide', FailedWork::class)->name('work.leave');
});
