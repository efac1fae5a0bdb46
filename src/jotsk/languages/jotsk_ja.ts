<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="ja" sourcelanguage="en">
<context>
    <name></name>
    <message>
        <source>A gap of {width:.0f} px: {size} would run out here.</source>
        <translation>{width:.0f} px のすき間：ここから{size}が漏れます。</translation>
    </message>
    <message>
        <source>{mm2:.1f} cm²</source>
        <translation>{mm2:.1f} cm²</translation>
    </message>
    <message>
        <source>{mm2:.0f} mm²</source>
        <translation>{mm2:.0f} mm²</translation>
    </message>
    <message>
        <source>Two lines lie over each other; splice them, or take one away.</source>
        <translation>2本の線が重なっています。つなぎ合わせるか、1本を消してください。</translation>
    </message>
    <message>
        <source>Two lines run along each other for {length:.0f} px, {gap:.1f} px apart.</source>
        <translation>2本の線が{length:.0f} px にわたって {gap:.1f} px の間隔で並んでいます。</translation>
    </message>
    <message>
        <source>This line wobbles by {off:.1f} px; it can be steadied.</source>
        <translation>この線は {off:.1f} px ぶれています。なめらかにできます。</translation>
    </message>
    <message>
        <source>“{name}” is empty.</source>
        <translation>「{name}」は空です。</translation>
    </message>
    <message>
        <source>“{name}” is hidden, so it will not be printed.</source>
        <translation>「{name}」は非表示なので印刷されません。</translation>
    </message>
    <message>
        <source>This line lies wholly off the page.</source>
        <translation>この線はページの外にあります。</translation>
    </message>
    <message>
        <source>A speck of {size:.0f} px.</source>
        <translation>{size:.0f} px のごみ。</translation>
    </message>
    <message>
        <source>This line is {width:.2f} mm thick; below {least} mm it may not print.</source>
        <translation>この線の太さは {width:.2f} mm です。{least} mm より細いと印刷されないことがあります。</translation>
    </message>
    <message>
        <source>Try Technical 0.5 or Flick pen: an even line, and one weighed by speed, show a wobble least.</source>
        <translation>Technical 0.5 か、はらいペンを試してください。太さの変わらない線や速さで変わる線は、ぶれが目立ちません。</translation>
    </message>
    <message>
        <source>Fit the feel of this device (in the Hand menu): the weight follows the hand better.</source>
        <translation>機器の感触を合わせてください（「手」メニュー）。線幅が手についてきます。</translation>
    </message>
    <message>
        <source>Draw on past the end and snip: a line that stops itself fades.</source>
        <translation>終わりを越えて描き、刈り込んでください。自分で止まる線はかすれます。</translation>
    </message>
    <message>
        <source>Draw faster past the ring and snip, or turn the page so that the end is in sight.</source>
        <translation>輪を越えて速く描いて刈り込むか、終わりが見えるようにページを回してください。</translation>
    </message>
    <message>
        <source>off the line</source>
        <translation>線からのずれ</translation>
    </message>
    <message>
        <source>wobble</source>
        <translation>ぶれ</translation>
    </message>
    <message>
        <source>past the end</source>
        <translation>行き過ぎ</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>かすれ</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>速さ</translation>
    </message>
    <message>
        <source>weight off</source>
        <translation>線幅のずれ</translation>
    </message>
    <message>
        <source>spacing uneven by</source>
        <translation>間隔のむら</translation>
    </message>
    <message>
        <source>weight uneven by</source>
        <translation>線幅のむら</translation>
    </message>
    <message>
        <source>small</source>
        <translation>小</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>中</translation>
    </message>
    <message>
        <source>large</source>
        <translation>大</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>練習</translation>
    </message>
    <message>
        <source>Parallel lines</source>
        <translation>平行線</translation>
    </message>
    <message>
        <source>Lines through points</source>
        <translation>点を通る線</translation>
    </message>
    <message>
        <source>Curves</source>
        <translation>曲線</translation>
    </message>
    <message>
        <source>Circles and ellipses</source>
        <translation>円と楕円</translation>
    </message>
    <message>
        <source>Even hatching</source>
        <translation>均一なハッチング</translation>
    </message>
    <message>
        <source>Pressure ramps</source>
        <translation>筆圧の強弱</translation>
    </message>
    <message>
        <source>Tapers</source>
        <translation>入り抜き</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>点</translation>
    </message>
    <message>
        <source>A signature, repeated</source>
        <translation>サインのくり返し</translation>
    </message>
    <message>
        <source>“{name}” could not be opened: {reason}.</source>
        <translation>「{name}」を開けません：{reason}。</translation>
    </message>
    <message>
        <source>“{name}” was made by a later version of Jotsk, which can open it; it stays as it is.</source>
        <translation>「{name}」は新しい Jotsk で作られ、それで開けます。ファイルはそのままです。</translation>
    </message>
    <message>
        <source>“{name}” was not written: {reason}. What was there before is unchanged.</source>
        <translation>「{name}」は書き込まれていません：{reason}。前のものはそのままです。</translation>
    </message>
    <message>
        <source>“{name}” could not be read: {reason}. It stays where it is.</source>
        <translation>「{name}」を読めません：{reason}。ファイルはそのままです。</translation>
    </message>
    <message>
        <source>another program wrote it meanwhile</source>
        <translation>その間にほかのプログラムが書き込みました</translation>
    </message>
    <message>
        <source>the clipboard</source>
        <translation>クリップボード</translation>
    </message>
    <message>
        <source>what was copied is not whole</source>
        <translation>コピーされたものが完全ではありません</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>線</translation>
    </message>
    <message>
        <source>Lines go on an ink layer; choose one first.</source>
        <translation>線はインクのレイヤーに置きます。先に選んでください。</translation>
    </message>
    <message>
        <source>These lines lie beside this page.</source>
        <translation>これらの線はこのページの外にあります。</translation>
    </message>
    <message>
        <source>“{name}” ends in none of {names}; without ending it is a folder of pictures.</source>
        <translation>「{name}」は {names} のどれでも終わっていません。拡張子がなければ画像のフォルダーになります。</translation>
    </message>
    <message>
        <source>it is there already</source>
        <translation>すでにあります</translation>
    </message>
    <message>
        <source>That is {count} frames, too many for one animation; make it faster, smaller, or a folder.</source>
        <translation>{count} 枚になり、1つのアニメーションには多すぎます。速くするか、小さくするか、フォルダーにしてください。</translation>
    </message>
    <message>
        <source>There is no line on this page to draw again.</source>
        <translation>このページには、もう一度描く線がありません。</translation>
    </message>
    <message>
        <source>“{name}” ends in none of {names}.</source>
        <translation>「{name}」は {names} のどれでも終わっていません。</translation>
    </message>
    <message>
        <source>A tone may shimmer (moire) at {percent} %; at {better} % it does not.</source>
        <translation>トーンは {percent} % でモアレが出るかもしれません。{better} % なら出ません。</translation>
    </message>
    <message>
        <source>A tone may shimmer (moire) at {percent} %.</source>
        <translation>トーンは {percent} % でモアレが出るかもしれません。</translation>
    </message>
    <message>
        <source>InkML, motions of the hand</source>
        <translation>InkML、手の動き</translation>
    </message>
    <message>
        <source>A {words} file cannot be written as {color}.</source>
        <translation>{words} ファイルは {color} では書けません。</translation>
    </message>
    <message>
        <source>Choose the ICC profile of the press first: who prints the page has it.</source>
        <translation>先に印刷所の ICC プロファイルを選んでください。印刷する人が持っています。</translation>
    </message>
    <message>
        <source>A {words} file holds no shapes.</source>
        <translation>{words} ファイルには形を入れられません。</translation>
    </message>
    <message>
        <source>Lines as shapes have soft edges of their own; choose colour or grey.</source>
        <translation>線の形には柔らかい縁があります。カラーかグレーを選んでください。</translation>
    </message>
    <message>
        <source>Without paper only a picture with transparency (RGBA) can be written.</source>
        <translation>紙なしで書けるのは透明つきの画像（RGBA）だけです。</translation>
    </message>
    <message>
        <source>There is no frame “{frame}”.</source>
        <translation>枠「{frame}」はありません。</translation>
    </message>
    <message>
        <source>{width} x {height} px is more than {words} can hold: {most} px a side.</source>
        <translation>{width} x {height} px は {words} に入りません：一辺 {most} px まで。</translation>
    </message>
    <message>
        <source>“{name}” is too large for a profile.</source>
        <translation>「{name}」はプロファイルには大きすぎます。</translation>
    </message>
    <message>
        <source>it cannot be read</source>
        <translation>読めません</translation>
    </message>
    <message>
        <source>it is no ICC profile</source>
        <translation>ICC プロファイルではありません</translation>
    </message>
    <message>
        <source>“{name}” is a profile for {space}; choose one of a press, for CMYK.</source>
        <translation>「{name}」は {space} 用のプロファイルです。印刷機の CMYK 用を選んでください。</translation>
    </message>
    <message>
        <source>something else</source>
        <translation>別のもの</translation>
    </message>
    <message>
        <source>The profile “{name}” cannot turn colours into ink.</source>
        <translation>プロファイル「{name}」では色をインクに変えられません。</translation>
    </message>
    <message>
        <source>The disk does not take the work in progress: {reason}. Save the page.</source>
        <translation>ディスクが作業中の内容を受け付けません：{reason}。ページを保存してください。</translation>
    </message>
    <message>
        <source>it is larger than a file of traces can be</source>
        <translation>軌跡のファイルには大きすぎます</translation>
    </message>
    <message>
        <source>it is not well-formed XML</source>
        <translation>正しい XML ではありません</translation>
    </message>
    <message>
        <source>it is XML, but not InkML</source>
        <translation>XML ですが InkML ではありません</translation>
    </message>
    <message>
        <source>its groups of traces are nested deeper than anybody needs</source>
        <translation>軌跡のグループの入れ子が深すぎます</translation>
    </message>
    <message>
        <source>a channel&apos;s {name} is “{text}”, which is no number</source>
        <translation>チャンネルの {name} が「{text}」で、数ではありません</translation>
    </message>
    <message>
        <source>a trace has no X or no Y channel</source>
        <translation>軌跡に X か Y のチャンネルがありません</translation>
    </message>
    <message>
        <source>a trace holds “{place}”, which is no point</source>
        <translation>軌跡に「{place}」があり、点ではありません</translation>
    </message>
    <message>
        <source>a point has {count} values where its format has {wanted}</source>
        <translation>点の値が {count} 個ですが、書式では {wanted} 個です</translation>
    </message>
    <message>
        <source>it is damaged, or not an OpenRaster file</source>
        <translation>壊れているか、OpenRaster のファイルではありません</translation>
    </message>
    <message>
        <source>part of it is damaged or packed in an unknown way</source>
        <translation>一部が壊れているか、知らない方法で圧縮されています</translation>
    </message>
    <message>
        <source>it has no list of layers, so it is not an OpenRaster file</source>
        <translation>レイヤーの一覧がないので OpenRaster のファイルではありません</translation>
    </message>
    <message>
        <source>its list of layers is damaged</source>
        <translation>レイヤーの一覧が壊れています</translation>
    </message>
    <message>
        <source>it has more than {most_layers} layers</source>
        <translation>レイヤーが {most_layers} 枚を超えています</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>インク</translation>
    </message>
    <message>
        <source>the pens of its strokes are damaged</source>
        <translation>ストロークのペンが壊れています</translation>
    </message>
    <message>
        <source>its layers are nested deeper than a page can need</source>
        <translation>レイヤーの入れ子が深すぎます</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>グループ</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>レイヤー</translation>
    </message>
    <message>
        <source>the pixels of its layer “{name}” are missing</source>
        <translation>レイヤー「{name}」のピクセルがありません</translation>
    </message>
    <message>
        <source>the strokes of its layer “{name}” are damaged</source>
        <translation>レイヤー「{name}」のストロークが壊れています</translation>
    </message>
    <message>
        <source>it holds far more parts than a page has</source>
        <translation>ページにはありえないほど多くの部品があります</translation>
    </message>
    <message>
        <source>a part of it names a place outside the file</source>
        <translation>ファイルの外を指す部品があります</translation>
    </message>
    <message>
        <source>a part of it unpacks to more than a page can need</source>
        <translation>展開すると大きすぎる部品があります</translation>
    </message>
    <message>
        <source>its part {name} is larger than it can be</source>
        <translation>部品 {name} が大きすぎます</translation>
    </message>
    <message>
        <source>its part {name} is damaged</source>
        <translation>部品 {name} が壊れています</translation>
    </message>
    <message>
        <source>the list of its strokes is damaged</source>
        <translation>ストロークの一覧が壊れています</translation>
    </message>
    <message>
        <source>its list of layers gives no size</source>
        <translation>レイヤーの一覧に大きさがありません</translation>
    </message>
    <message>
        <source>This is no order: {error}.</source>
        <translation>これは注文ではありません：{error}。</translation>
    </message>
    <message>
        <source>For print</source>
        <translation>印刷用</translation>
    </message>
    <message>
        <source>For the web</source>
        <translation>ウェブ用</translation>
    </message>
    <message>
        <source>At true size</source>
        <translation>原寸</translation>
    </message>
    <message>
        <source>As shapes</source>
        <translation>形として</translation>
    </message>
    <message>
        <source>With its layers</source>
        <translation>レイヤーつき</translation>
    </message>
    <message>
        <source>Orders are a list of objects, each with a name.</source>
        <translation>注文は、名前のあるものの一覧です。</translation>
    </message>
    <message>
        <source>Two orders are named “{twice}”.</source>
        <translation>「{twice}」という注文が2つあります。</translation>
    </message>
    <message>
        <source>Two orders would both be “{name}”; give them endings of their own.</source>
        <translation>2つの注文がどちらも「{name}」になります。それぞれの語尾をつけてください。</translation>
    </message>
    <message>
        <source>The sketch goes out with it.</source>
        <translation>下描きも一緒に出ます。</translation>
    </message>
    <message>
        <source>The page has no trim, so there is no bleed around it.</source>
        <translation>ページに仕上がり線がないので、裁ち落としもありません。</translation>
    </message>
    <message>
        <source>The page has a trim but no bleed.</source>
        <translation>ページに仕上がり線はありますが、裁ち落としがありません。</translation>
    </message>
    <message>
        <source>{dpi:.0f} dpi is coarse for 1-bit print; {usual} and more is usual.</source>
        <translation>{dpi:.0f} dpi は1ビット印刷には粗めです。ふつうは {usual} 以上です。</translation>
    </message>
    <message>
        <source>{dpi:.0f} dpi is coarse for print; {usual} and more is usual.</source>
        <translation>{dpi:.0f} dpi は印刷には粗めです。ふつうは {usual} 以上です。</translation>
    </message>
    <message>
        <source>Hidden and so left out: {listed}.</source>
        <translation>非表示なので含まれません：{listed}。</translation>
    </message>
    <message>
        <source>Nothing is to be seen on it.</source>
        <translation>何も見えません。</translation>
    </message>
    <message>
        <source> and {count} more</source>
        <translation> ほか {count} 枚</translation>
    </message>
    <message>
        <source>it is larger than a file of pens can be</source>
        <translation>ペンのファイルには大きすぎます</translation>
    </message>
    <message>
        <source>it is not JSON</source>
        <translation>JSON ではありません</translation>
    </message>
    <message>
        <source>it holds no pens</source>
        <translation>ペンが入っていません</translation>
    </message>
    <message>
        <source>it holds more than {most_pens} pens</source>
        <translation>ペンが {most_pens} 本を超えています</translation>
    </message>
    <message>
        <source>its pen {number} makes no sense ({error})</source>
        <translation>{number} 番目のペンが正しくありません（{error}）</translation>
    </message>
    <message>
        <source>it is not a picture this program knows</source>
        <translation>このプログラムの知っている画像ではありません</translation>
    </message>
    <message>
        <source>its header promises more pixels than a page may have</source>
        <translation>ページに入らないほど多くのピクセルが宣言されています</translation>
    </message>
    <message>
        <source>the picture data is damaged or cut short</source>
        <translation>画像データが壊れているか、途中で切れています</translation>
    </message>
    <message>
        <source>“{name}” is larger than {most_bytes} MB; it is no drawing of lines.</source>
        <translation>「{name}」は {most_bytes} MB を超えています。線の絵ではありません。</translation>
    </message>
    <message>
        <source>it is no SVG</source>
        <translation>SVG ではありません</translation>
    </message>
    <message>
        <source>“{name}” has more lines than fit on a page: more than {most_lines:,}.</source>
        <translation>「{name}」の線はページに入りません：{most_lines:,} 本を超えています。</translation>
    </message>
    <message>
        <source>its shapes cannot be read</source>
        <translation>形を読めません</translation>
    </message>
    <message>
        <source>“{name}” has no lines in it.</source>
        <translation>「{name}」には線がありません。</translation>
    </message>
    <message>
        <source>it is damaged</source>
        <translation>壊れています</translation>
    </message>
    <message>
        <source>that state is no longer in it</source>
        <translation>その状態はもうありません</translation>
    </message>
    <message>
        <source>a part of it is damaged</source>
        <translation>一部が壊れています</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>ディスクがいっぱいです</translation>
    </message>
    <message>
        <source>the disk does not take or give it</source>
        <translation>ディスクが読み書きできません</translation>
    </message>
    <message>
        <source>another program is using it</source>
        <translation>別のプログラムが使っています</translation>
    </message>
    <message>
        <source>your quota on this disk is used up</source>
        <translation>このディスクの割り当てを使い切りました</translation>
    </message>
    <message>
        <source>the folder does not allow it</source>
        <translation>フォルダーが許可していません</translation>
    </message>
    <message>
        <source>the disk can only be read</source>
        <translation>ディスクは読み取り専用です</translation>
    </message>
    <message>
        <source>the folder does not exist</source>
        <translation>フォルダーがありません</translation>
    </message>
    <message>
        <source>a folder has that name</source>
        <translation>同じ名前のフォルダーがあります</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>名前が長すぎます</translation>
    </message>
    <message>
        <source>it does not exist</source>
        <translation>ありません</translation>
    </message>
    <message>
        <source>it is a folder</source>
        <translation>フォルダーです</translation>
    </message>
    <message>
        <source>you are not allowed to read it</source>
        <translation>読む権限がありません</translation>
    </message>
    <message>
        <source>That lies beside the page.</source>
        <translation>そこはページの外です。</translation>
    </message>
    <message>
        <source>Choose lines first; then the area beneath them can be held.</source>
        <translation>先に線を選んでください。その下の面を持てます。</translation>
    </message>
    <message>
        <source>There is nothing inside.</source>
        <translation>中には何もありません。</translation>
    </message>
    <message>
        <source>Choose a layer to copy from; a group has no px of its own.</source>
        <translation>コピー元のレイヤーを選んでください。グループ自身にはピクセルがありません。</translation>
    </message>
    <message>
        <source>“{name}” shows nothing in there.</source>
        <translation>「{name}」のそこには何も見えていません。</translation>
    </message>
    <message>
        <source>{name} copy</source>
        <translation>{name} のコピー</translation>
    </message>
    <message>
        <source>There is no pattern yet: hold an area by hand, and make it one.</source>
        <translation>パターンがまだありません。手で面を取って、パターンにしてください。</translation>
    </message>
    <message>
        <source>No area of this page is closed; close its lines, or let larger gaps be closed.</source>
        <translation>このページには閉じた面がありません。線を閉じるか、もっと大きなすき間を閉じるようにしてください。</translation>
    </message>
    <message>
        <source>There is no area there.</source>
        <translation>そこには面がありません。</translation>
    </message>
    <message>
        <source>That would be more strokes than a page can hold; space them wider.</source>
        <translation>ページに入らない数のストロークになります。間隔を広げてください。</translation>
    </message>
    <message>
        <source>Draw the line that the hatching is to follow from one place to another.</source>
        <translation>ハッチングが沿う線を、ある場所から別の場所へ引いてください。</translation>
    </message>
    <message>
        <source>That would be more dots than a page can hold; space them wider.</source>
        <translation>ページに入らない数の点になります。間隔を広げてください。</translation>
    </message>
    <message>
        <source>An outline has three corners or more.</source>
        <translation>輪郭には角が3つ以上必要です。</translation>
    </message>
    <message>
        <source>Areas lie on ink layers; choose one.</source>
        <translation>面はインクのレイヤーに置きます。選んでください。</translation>
    </message>
    <message>
        <source>A pattern is made of {least_piece_px} to {most_piece_px} px a side; hold another area.</source>
        <translation>パターンは一辺 {least_piece_px}〜{most_piece_px} px です。別の面を取ってください。</translation>
    </message>
    <message>
        <source>The page shows nothing in there to repeat.</source>
        <translation>そこには、くり返すものが見えていません。</translation>
    </message>
    <message>
        <source>Fills</source>
        <translation>塗り</translation>
    </message>
    <message>
        <source>This area is open to the edge of the page; nothing was filled.</source>
        <translation>この面はページの端まで開いています。何も塗っていません。</translation>
    </message>
    <message>
        <source>It would run out at ({x}, {y}), through a gap of {width_px:.0f} px.</source>
        <translation>({x}, {y}) で {width_px:.0f} px のすき間から漏れます。</translation>
    </message>
    <message>
        <source>That lies on a line; press beside it.</source>
        <translation>そこは線の上です。横を押してください。</translation>
    </message>
    <message>
        <source>A draft has at most {most_points} points; ink it, and go on from its end.</source>
        <translation>下書き線の点は {most_points} 個までです。インクにして、その端から続けてください。</translation>
    </message>
    <message>
        <source>A draft is at most {longest_px:,} px long; ink it, and go on from its end.</source>
        <translation>下書き線の長さは {longest_px:,} px までです。インクにして、その端から続けてください。</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>横</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>下へ</translation>
    </message>
    <message>
        <source>Point {}</source>
        <translation>点 {}</translation>
    </message>
    <message>
        <source>First radius</source>
        <translation>第1半径</translation>
    </message>
    <message>
        <source>Second radius</source>
        <translation>第2半径</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>角度</translation>
    </message>
    <message>
        <source>Opacity</source>
        <translation>不透明度</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>太さ</translation>
    </message>
    <message>
        <source>it is far too long for a list of guides</source>
        <translation>ガイドの一覧としては長すぎます</translation>
    </message>
    <message>
        <source>it is not a list of at most {most_guides} guides</source>
        <translation>{most_guides} 個までのガイドの一覧ではありません</translation>
    </message>
    <message>
        <source>Circle in perspective</source>
        <translation>遠近の円</translation>
    </message>
    <message>
        <source>Cross</source>
        <translation>十字</translation>
    </message>
    <message>
        <source>Between the two</source>
        <translation>二つの間</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>Ellipse template</source>
        <translation>楕円定規</translation>
    </message>
    <message>
        <source>Height to width</source>
        <translation>縦横比</translation>
    </message>
    <message>
        <source>French curve</source>
        <translation>雲形定規</translation>
    </message>
    <message>
        <source>Closed</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>Smooth, without corners</source>
        <translation>なめらか、角なし</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>鏡</translation>
    </message>
    <message>
        <source>Parallel rule</source>
        <translation>平行定規</translation>
    </message>
    <message>
        <source>Perspective, one point</source>
        <translation>遠近、1点</translation>
    </message>
    <message>
        <source>Perspective, two points</source>
        <translation>遠近、2点</translation>
    </message>
    <message>
        <source>Perspective, three points</source>
        <translation>遠近、3点</translation>
    </message>
    <message>
        <source>Upright lines stay upright</source>
        <translation>垂直線は垂直のまま</translation>
    </message>
    <message>
        <source>The horizon stays level</source>
        <translation>地平線は水平のまま</translation>
    </message>
    <message>
        <source>Show the cone of vision</source>
        <translation>視円錐を表示</translation>
    </message>
    <message>
        <source>Row of posts</source>
        <translation>柱の列</translation>
    </message>
    <message>
        <source>How many more</source>
        <translation>あと何本</translation>
    </message>
    <message>
        <source>Parts between</source>
        <translation>間の分割</translation>
    </message>
    <message>
        <source>Quarter symmetry</source>
        <translation>四分対称</translation>
    </message>
    <message>
        <source>Rings</source>
        <translation>同心円</translation>
    </message>
    <message>
        <source>Rosette</source>
        <translation>ロゼット</translation>
    </message>
    <message>
        <source>Mirrored rosette</source>
        <translation>鏡ロゼット</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>いくつ</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>鏡あり</translation>
    </message>
    <message>
        <source>Spokes</source>
        <translation>放射線</translation>
    </message>
    <message>
        <source>Straightedge</source>
        <translation>直線定規</translation>
    </message>
    <message>
        <source>These four corners do not span a plane; move one off the line of the others.</source>
        <translation>この4つの角は平面になりません。1つをほかの角の線から離してください。</translation>
    </message>
    <message>
        <source>This circle reaches behind the eye, where it is no ellipse; make the square smaller.</source>
        <translation>この円は目の後ろまで届き、楕円になりません。四角を小さくしてください。</translation>
    </message>
    <message>
        <source>These lines are parallel on the page, so they have no vanishing point; use the parallel rule.</source>
        <translation>これらの線はページ上で平行なので消失点がありません。平行定規を使ってください。</translation>
    </message>
    <message>
        <source>A line needs two points that are apart; both lie at {x:.0f}, {y:.0f}.</source>
        <translation>線には離れた2点が必要です。どちらも {x:.0f}, {y:.0f} にあります。</translation>
    </message>
    <message>
        <source>These two lines are parallel on the page, so they have no vanishing point; use the parallel rule.</source>
        <translation>この2本の線はページ上で平行なので消失点がありません。平行定規を使ってください。</translation>
    </message>
    <message>
        <source>A row has 1 to {most_posts} more posts, not {count}.</source>
        <translation>列に足せる柱は1〜{most_posts} 本で、{count} 本ではありません。</translation>
    </message>
    <message>
        <source>The first post stands on the vanishing point; a row needs one that is nearer.</source>
        <translation>最初の柱が消失点に立っています。もっと手前の柱が必要です。</translation>
    </message>
    <message>
        <source>The second post must stand between the first and the vanishing point, or on the near side.</source>
        <translation>2本目の柱は、1本目と消失点の間か、手前に立てます。</translation>
    </message>
    <message>
        <source>A length is divided into 2 to {most_posts} parts, not {parts}.</source>
        <translation>長さは2〜{most_posts} に分けられます。{parts} ではありません。</translation>
    </message>
    <message>
        <source>What is to be divided begins at its vanishing point.</source>
        <translation>分けるものが消失点から始まっています。</translation>
    </message>
    <message>
        <source>What is to be divided must end before its vanishing point.</source>
        <translation>分けるものは消失点の手前で終わる必要があります。</translation>
    </message>
    <message>
        <source>open curve</source>
        <translation>開いた曲線</translation>
    </message>
    <message>
        <source>line</source>
        <translation>直線</translation>
    </message>
    <message>
        <source>arc</source>
        <translation>円弧</translation>
    </message>
    <message>
        <source>polyline</source>
        <translation>折れ線</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>円</translation>
    </message>
    <message>
        <source>ellipse</source>
        <translation>楕円</translation>
    </message>
    <message>
        <source>triangle</source>
        <translation>三角形</translation>
    </message>
    <message>
        <source>quadrilateral</source>
        <translation>四角形</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>長方形</translation>
    </message>
    <message>
        <source>closed curve</source>
        <translation>閉じた曲線</translation>
    </message>
    <message>
        <source>ease</source>
        <translation>やわらか</translation>
    </message>
    <message>
        <source>average</source>
        <translation>平均</translation>
    </message>
    <message>
        <source>tow</source>
        <translation>引き綱</translation>
    </message>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>scales</source>
        <translation>うろこ</translation>
    </message>
    <message>
        <source>saw</source>
        <translation>のこぎり</translation>
    </message>
    <message>
        <source>wave</source>
        <translation>波</translation>
    </message>
    <message>
        <source>loops</source>
        <translation>輪</translation>
    </message>
    <message>
        <source>loops in loops</source>
        <translation>輪の中の輪</translation>
    </message>
    <message>
        <source>stitches</source>
        <translation>縫い目</translation>
    </message>
    <message>
        <source>chain</source>
        <translation>鎖</translation>
    </message>
    <message>
        <source>rope</source>
        <translation>縄</translation>
    </message>
    <message>
        <source>leaves</source>
        <translation>葉</translation>
    </message>
    <message>
        <source>own</source>
        <translation>自作</translation>
    </message>
    <message>
        <source>Dashes (ISO 128)</source>
        <translation>破線（ISO 128）</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>印</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>札</translation>
    </message>
    <message>
        <source>pressure</source>
        <translation>筆圧</translation>
    </message>
    <message>
        <source>tilt</source>
        <translation>傾き</translation>
    </message>
    <message>
        <source>direction</source>
        <translation>向き</translation>
    </message>
    <message>
        <source>usage: </source>
        <translation>使い方: </translation>
    </message>
    <message>
        <source>options</source>
        <translation>オプション</translation>
    </message>
    <message>
        <source>positional arguments</source>
        <translation>引数</translation>
    </message>
    <message>
        <source>show this help message and exit</source>
        <translation>この説明を出して終わる</translation>
    </message>
    <message>
        <source>%(prog)s: error: %(message)s
</source>
        <translation>%(prog)s: エラー: %(message)s
</translation>
    </message>
    <message>
        <source>argument %(argument_name)s: %(message)s</source>
        <translation>引数 %(argument_name)s: %(message)s</translation>
    </message>
    <message>
        <source>the following arguments are required: %s</source>
        <translation>次の引数が必要です: %s</translation>
    </message>
    <message>
        <source>unrecognized arguments: %s</source>
        <translation>分からない引数: %s</translation>
    </message>
    <message>
        <source>expected one argument</source>
        <translation>引数が一つ必要です</translation>
    </message>
    <message>
        <source>expected at least one argument</source>
        <translation>引数が少なくとも一つ必要です</translation>
    </message>
    <message>
        <source>not allowed with argument %s</source>
        <translation>%s と一緒には使えません</translation>
    </message>
    <message>
        <source>invalid choice: %(value)r (choose from %(choices)s)</source>
        <translation>%(value)r は選べません。選べるもの: %(choices)s</translation>
    </message>
    <message>
        <source>invalid %(type)s value: %(value)r</source>
        <translation>%(value)r は %(type)s の値ではありません</translation>
    </message>
    <message>
        <source>ambiguous option: %(option)s could match %(matches)s</source>
        <translation>%(option)s はどれか分かりません: %(matches)s</translation>
    </message>
    <message>
        <source>ignored explicit argument %r</source>
        <translation>引数 %r はここでは使いません</translation>
    </message>
    <message>
        <source>Ink over a sketch. Without a command, opens the window, with FILE if it is given.</source>
        <translation>下描きの上にペンを入れます。コマンドがなければウィンドウを開き、FILE があればそれを開きます。</translation>
    </message>
    <message>
        <source>print the version</source>
        <translation>版を出力する</translation>
    </message>
    <message>
        <source>open the demo page</source>
        <translation>見本のページを開く</translation>
    </message>
    <message>
        <source>let the simulated pen ink over the sketch</source>
        <translation>模擬のペンに下描きの上を描かせる</translation>
    </message>
    <message>
        <source>write a picture of the window and end</source>
        <translation>ウィンドウの絵を書いて終わる</translation>
    </message>
    <message>
        <source>open the finished panel instead</source>
        <translation>代わりに仕上がったコマを開く</translation>
    </message>
    <message>
        <source>run traces through the pens, without a window</source>
        <translation>ウィンドウなしで、動きをペンに通す</translation>
    </message>
    <message>
        <source>.png, .ora or .inkml</source>
        <translation>.png、.ora、.inkml</translation>
    </message>
    <message>
        <source>page in px (2480x3508)</source>
        <translation>ページの px (2480x3508)</translation>
    </message>
    <message>
        <source>resolution (300)</source>
        <translation>解像度 (300)</translation>
    </message>
    <message>
        <source>a shipped pen (plain-round)</source>
        <translation>付属のペン (plain-round)</translation>
    </message>
    <message>
        <source>full width (the pen&apos;s own)</source>
        <translation>最大の幅（ペンのもの）</translation>
    </message>
    <message>
        <source>0..100 (the pen&apos;s own)</source>
        <translation>0..100（ペンのもの）</translation>
    </message>
    <message>
        <source>of the hand (learnt from slow traces)</source>
        <translation>手のふるえ（ゆっくりした動きから学ぶ）</translation>
    </message>
    <message>
        <source>ink (#000000)</source>
        <translation>インク (#000000)</translation>
    </message>
    <message>
        <source>draw on the active layer of a page</source>
        <translation>ページの選ばれたレイヤーに描く</translation>
    </message>
    <message>
        <source>guides that hold and repeat the lines</source>
        <translation>線を支え、くり返すガイド</translation>
    </message>
    <message>
        <source>a trace that ends at rest becomes the shape it resembles</source>
        <translation>静止で終わる動きは、似ている形になる</translation>
    </message>
    <message>
        <source>print the figures of every stroke</source>
        <translation>ストロークごとの数字を出力する</translation>
    </message>
    <message>
        <source>write a page as a picture, shapes or motions</source>
        <translation>ページを画像、形、動きとして書く</translation>
    </message>
    <message>
        <source>.png, .tif, .jpg, .webp, .pdf, .svg or .inkml</source>
        <translation>.png、.tif、.jpg、.webp、.pdf、.svg、.inkml</translation>
    </message>
    <message>
        <source>colours (rgb)</source>
        <translation>色 (rgb)</translation>
    </message>
    <message>
        <source>of the press, for cmyk</source>
        <translation>印刷機のもの、cmyk 用</translation>
    </message>
    <message>
        <source>lines as shapes, in a PDF</source>
        <translation>PDF の線を形にする</translation>
    </message>
    <message>
        <source>leave the paper out; needs rgba</source>
        <translation>紙を抜く。rgba が必要</translation>
    </message>
    <message>
        <source>what to cut (page)</source>
        <translation>切り出す枠 (page)</translation>
    </message>
    <message>
        <source>share of the pixels (1)</source>
        <translation>ピクセルの割合 (1)</translation>
    </message>
    <message>
        <source>of bits: darker is ink (128)</source>
        <translation>bits のとき、これより暗いとインク (128)</translation>
    </message>
    <message>
        <source>for .jpg and .webp (92)</source>
        <translation>.jpg と .webp の品質 (92)</translation>
    </message>
    <message>
        <source>only this layer; may be given again</source>
        <translation>このレイヤーだけ。何度でも書ける</translation>
    </message>
    <message>
        <source>write a page as several orders at once</source>
        <translation>ページをいくつもの注文として一度に書く</translation>
    </message>
    <message>
        <source>where the files go</source>
        <translation>ファイルの行き先</translation>
    </message>
    <message>
        <source>your own orders, docs/handing-over.md</source>
        <translation>自分の注文、docs/handing-over.md</translation>
    </message>
    <message>
        <source>only this order; may be given again</source>
        <translation>この注文だけ。何度でも書ける</translation>
    </message>
    <message>
        <source>write a page being drawn again</source>
        <translation>もう一度描かれるページを書く</translation>
    </message>
    <message>
        <source>.webp, .png, or a new folder of frames</source>
        <translation>.webp、.png、または画像の新しいフォルダー</translation>
    </message>
    <message>
        <source>times the hand&apos;s own pace</source>
        <translation>手の速さの何倍か</translation>
    </message>
    <message>
        <source>if no --speed is given (20)</source>
        <translation>--speed がないとき (20)</translation>
    </message>
    <message>
        <source>the longest side (800)</source>
        <translation>長辺 (800)</translation>
    </message>
    <message>
        <source>frames a second (25)</source>
        <translation>毎秒の画像の数 (25)</translation>
    </message>
    <message>
        <source>run a list of steps on a page: mending and filling</source>
        <translation>ページの上で、直す・塗る手順のリストを行う</translation>
    </message>
    <message>
        <source>docs/steps.md</source>
        <translation>docs/steps.md</translation>
    </message>
    <message>
        <source>print how many strokes or areas each step changed</source>
        <translation>手順ごとに変わったストロークや面の数を出力する</translation>
    </message>
    <message>
        <source>say what is wrong with a page before it is sent</source>
        <translation>送る前に、ページの悪い所を知らせる</translation>
    </message>
    <message>
        <source>print a list of findings</source>
        <translation>見つかったもののリストを出力する</translation>
    </message>
    <message>
        <source>gaps of up to so many px are leaks (8)</source>
        <translation>何 px までのすき間を漏れとするか (8)</translation>
    </message>
    <message>
        <source>lines so near are tangents (3)</source>
        <translation>どれだけ近い線を接触とするか (3)</translation>
    </message>
    <message>
        <source>open a practice sheet, or measure one the simulated pen draws</source>
        <translation>練習の紙を開く、または模擬のペンが描く紙を測る</translation>
    </message>
    <message>
        <source>lines, points, curves, circles, ... (lines)</source>
        <translation>lines、points、curves、circles など (lines)</translation>
    </message>
    <message>
        <source>small, medium or large (medium)</source>
        <translation>small、medium、large (medium)</translation>
    </message>
    <message>
        <source>beginner, practised or expert</source>
        <translation>beginner、practised、expert</translation>
    </message>
    <message>
        <source>of the simulated hand (1)</source>
        <translation>模擬の手の種 (1)</translation>
    </message>
    <message>
        <source>print the figures as JSON</source>
        <translation>数字を JSON で出力する</translation>
    </message>
    <message>
        <source>put Jotsk into the menu of the desktop, for this user</source>
        <translation>この利用者のデスクトップのメニューに Jotsk を入れる</translation>
    </message>
    <message>
        <source>take it out again</source>
        <translation>取り除く</translation>
    </message>
    <message>
        <source>print a script that completes commands in a shell</source>
        <translation>シェルでコマンドを補うスクリプトを出力する</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>a picture of the window is written as .png, not {suffix}</source>
        <translation>ウィンドウの絵は .png で書きます。{suffix} ではありません</translation>
    </message>
    <message>
        <source>there is no folder {folder}</source>
        <translation>フォルダー {folder} がありません</translation>
    </message>
    <message>
        <source>a page is written as .ora, not {suffix}</source>
        <translation>ページは .ora で書きます。{suffix} ではありません</translation>
    </message>
    <message>
        <source>“{text}” ends in none of .png, .ora, .inkml</source>
        <translation>「{text}」の末尾は .png、.ora、.inkml のどれでもありません</translation>
    </message>
    <message>
        <source>“{text}” is no size such as 2480x3508</source>
        <translation>「{text}」は 2480x3508 のような大きさではありません</translation>
    </message>
    <message>
        <source>“{text}” is no number</source>
        <translation>「{text}」は数ではありません</translation>
    </message>
    <message>
        <source>{text} is not between {low:g} and {high:g}</source>
        <translation>{text} は {low:g} から {high:g} の間にありません</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>なめらか</translation>
    </message>
    <message>
        <source>bristle</source>
        <translation>毛</translation>
    </message>
    <message>
        <source>chalk</source>
        <translation>チョーク</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>スポンジ</translation>
    </message>
    <message>
        <source>spatter</source>
        <translation>しぶき</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>サイズ</translation>
    </message>
    <message>
        <source>Width by</source>
        <translation>幅を変えるもの</translation>
    </message>
    <message>
        <source>Flat pencil, wider</source>
        <translation>寝かせた鉛筆の広がり</translation>
    </message>
    <message>
        <source>Width along the line</source>
        <translation>線に沿った幅</translation>
    </message>
    <message>
        <source>Ink by</source>
        <translation>インクを変えるもの</translation>
    </message>
    <message>
        <source>Flow (0: never darkens itself)</source>
        <translation>流れ（0：重ねても濃くならない）</translation>
    </message>
    <message>
        <source>Tip</source>
        <translation>先</translation>
    </message>
    <message>
        <source>Paper grain</source>
        <translation>紙の目</translation>
    </message>
    <message>
        <source>Flat pencil, fainter</source>
        <translation>寝かせた鉛筆の薄さ</translation>
    </message>
    <message>
        <source>Hard edge, for one-bit print</source>
        <translation>硬い縁、1ビット印刷用</translation>
    </message>
    <message>
        <source>Rubs out</source>
        <translation>消す</translation>
    </message>
    <message>
        <source>Taper in</source>
        <translation>入り</translation>
    </message>
    <message>
        <source>Taper out</source>
        <translation>抜き</translation>
    </message>
    <message>
        <source>Cord, edge of its width</source>
        <translation>ひも、幅に対する縁</translation>
    </message>
    <message>
        <source>Motif</source>
        <translation>模様</translation>
    </message>
    <message>
        <source>Line, of the width</source>
        <translation>線、幅に対して</translation>
    </message>
    <message>
        <source>Spacing by</source>
        <translation>間隔を変えるもの</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>回転を変えるもの</translation>
    </message>
    <message>
        <source>Closes within</source>
        <translation>閉じる範囲</translation>
    </message>
    <message>
        <source>Strokes along the last one join it</source>
        <translation>前の線に沿うストロークはつながる</translation>
    </message>
    <message>
        <source>Way</source>
        <translation>方式</translation>
    </message>
    <message>
        <source>Steady now</source>
        <translation>描く間の補正</translation>
    </message>
    <message>
        <source>Steady after</source>
        <translation>描いた後の補正</translation>
    </message>
    <message>
        <source>Less when fast</source>
        <translation>速いとき弱める</translation>
    </message>
    <message>
        <source>Less when zoomed in</source>
        <translation>拡大時に弱める</translation>
    </message>
    <message>
        <source>Keep sharp corners</source>
        <translation>鋭い角を残す</translation>
    </message>
    <message>
        <source>whole</source>
        <translation>実線</translation>
    </message>
    <message>
        <source>dashed</source>
        <translation>破線</translation>
    </message>
    <message>
        <source>dash-dot</source>
        <translation>一点鎖線</translation>
    </message>
    <message>
        <source>dash-double-dot</source>
        <translation>二点鎖線</translation>
    </message>
    <message>
        <source>dotted</source>
        <translation>点線</translation>
    </message>
    <message>
        <source>Quill nib</source>
        <translation>つけペン</translation>
    </message>
    <message>
        <source>Mapping nib</source>
        <translation>丸ペン</translation>
    </message>
    <message>
        <source>Plain round</source>
        <translation>丸</translation>
    </message>
    <message>
        <source>Brush pen</source>
        <translation>筆ペン</translation>
    </message>
    <message>
        <source>Supple brush</source>
        <translation>しなやか筆</translation>
    </message>
    <message>
        <source>Flick pen</source>
        <translation>はらいペン</translation>
    </message>
    <message>
        <source>Swell pen</source>
        <translation>ふくらみペン</translation>
    </message>
    <message>
        <source>Slant nib</source>
        <translation>斜めペン</translation>
    </message>
    <message>
        <source>Hard-edged nib</source>
        <translation>硬い縁のペン</translation>
    </message>
    <message>
        <source>Hard-edged round</source>
        <translation>硬い縁の丸</translation>
    </message>
    <message>
        <source>Pencil</source>
        <translation>鉛筆</translation>
    </message>
    <message>
        <source>Soft pencil</source>
        <translation>やわらかい鉛筆</translation>
    </message>
    <message>
        <source>Charcoal</source>
        <translation>木炭</translation>
    </message>
    <message>
        <source>Dry brush</source>
        <translation>かすれ筆</translation>
    </message>
    <message>
        <source>Sponge</source>
        <translation>スポンジ</translation>
    </message>
    <message>
        <source>Spatter</source>
        <translation>しぶき</translation>
    </message>
    <message>
        <source>Marker</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>Soft wash</source>
        <translation>やわらかい薄墨</translation>
    </message>
    <message>
        <source>White nib</source>
        <translation>ホワイト</translation>
    </message>
    <message>
        <source>Cord</source>
        <translation>ひも</translation>
    </message>
    <message>
        <source>Lock of hair</source>
        <translation>髪の房</translation>
    </message>
    <message>
        <source>Eraser</source>
        <translation>消しゴム</translation>
    </message>
    <message>
        <source>Soft eraser</source>
        <translation>やわらかい消しゴム</translation>
    </message>
    <message>
        <source>there is no pen “{pen_id}”; the pens are {known}</source>
        <translation>ペン「{pen_id}」はありません。あるペン: {known}</translation>
    </message>
    <message>
        <source>A line becomes {lightest:g} to {heaviest:g} times as thick, not {by:g}.</source>
        <translation>線は {lightest:g}〜{heaviest:g} 倍の太さになります。{by:g} 倍ではありません。</translation>
    </message>
    <message>
        <source>A hand that pushes has a size.</source>
        <translation>押す手には大きさがあります。</translation>
    </message>
    <message>
        <source>No cord crosses anything there.</source>
        <translation>そこでは、ひもが交わっていません。</translation>
    </message>
    <message>
        <source>There are no strokes to mend here; choose an ink layer.</source>
        <translation>直すストロークがありません。インクのレイヤーを選んでください。</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it to mend its lines.</source>
        <translation>「{name}」はロックされています。線を直すにはロックを外してください。</translation>
    </message>
    <message>
        <source>There is no line to cut there.</source>
        <translation>そこには切る線がありません。</translation>
    </message>
    <message>
        <source>The line ends there; there is nothing to part.</source>
        <translation>線はそこで終わっています。分けるものがありません。</translation>
    </message>
    <message>
        <source>A splice takes two to {most_strokes} lines that overlap.</source>
        <translation>つなぎ合わせるのは、重なり合う2〜{most_strokes} 本の線です。</translation>
    </message>
    <message>
        <source>These lines do not all overlap; a splice follows tries of one line.</source>
        <translation>全部の線が重なってはいません。つなぎ合わせは、1本の線の描き直しに使います。</translation>
    </message>
    <message>
        <source>A tolerance is more than 0 px.</source>
        <translation>許容差は 0 px より大きくします。</translation>
    </message>
    <message>
        <source>That would move a line out of all sight; the page is as it was.</source>
        <translation>線が見えないところへ行ってしまいます。ページはそのままです。</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>通常</translation>
    </message>
    <message>
        <source>multiply</source>
        <translation>乗算</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>スクリーン</translation>
    </message>
    <message>
        <source>overlay</source>
        <translation>オーバーレイ</translation>
    </message>
    <message>
        <source>darken</source>
        <translation>比較（暗）</translation>
    </message>
    <message>
        <source>lighten</source>
        <translation>比較（明）</translation>
    </message>
    <message>
        <source>color-dodge</source>
        <translation>覆い焼き</translation>
    </message>
    <message>
        <source>color-burn</source>
        <translation>焼き込み</translation>
    </message>
    <message>
        <source>hard-light</source>
        <translation>ハードライト</translation>
    </message>
    <message>
        <source>soft-light</source>
        <translation>ソフトライト</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>差の絶対値</translation>
    </message>
    <message>
        <source>exclusion</source>
        <translation>除外</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>色相</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>彩度</translation>
    </message>
    <message>
        <source>color</source>
        <translation>カラー</translation>
    </message>
    <message>
        <source>luminosity</source>
        <translation>輝度</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>ペイント</translation>
    </message>
    <message>
        <source>Sketch</source>
        <translation>下描き</translation>
    </message>
    <message>
        <source>“{name}” is no picture; only placed pictures and paint have handles.</source>
        <translation>「{name}」は画像ではありません。ハンドルがあるのは、配置した画像とペイントだけです。</translation>
    </message>
    <message>
        <source>The position of “{name}” is locked; unlock it to move it.</source>
        <translation>「{name}」の位置はロックされています。動かすにはロックを外してください。</translation>
    </message>
    <message>
        <source>There is nothing on “{name}” yet.</source>
        <translation>「{name}」にはまだ何もありません。</translation>
    </message>
    <message>
        <source>“{name}” holds lines; choose parts of them, and move those.</source>
        <translation>「{name}」には線があります。その一部を選んで動かしてください。</translation>
    </message>
    <message>
        <source>There is nothing of “{name}” in there.</source>
        <translation>そこには「{name}」のものがありません。</translation>
    </message>
    <message>
        <source>A page keeps at least one layer; add another before deleting this one.</source>
        <translation>ページには1枚以上のレイヤーが必要です。これを消す前に別のを足してください。</translation>
    </message>
    <message>
        <source>A group cannot go into itself.</source>
        <translation>グループを自分の中には入れられません。</translation>
    </message>
    <message>
        <source>There is no layer to group.</source>
        <translation>グループにするレイヤーがありません。</translation>
    </message>
    <message>
        <source>“{name}” is no group.</source>
        <translation>「{name}」はグループではありません。</translation>
    </message>
    <message>
        <source>There is no layer to trace; open a sketch first.</source>
        <translation>トレースするレイヤーがありません。先に下描きを開いてください。</translation>
    </message>
    <message>
        <source>There is nothing below “{name}” to merge it onto.</source>
        <translation>「{name}」の下には、結合する相手がありません。</translation>
    </message>
    <message>
        <source>“{name}” below is a group; move the layer into it, or take the group apart.</source>
        <translation>下の「{name}」はグループです。レイヤーを中へ移すか、グループをほどいてください。</translation>
    </message>
    <message>
        <source>“{name}” is locked; it cannot be merged.</source>
        <translation>「{name}」はロックされていて結合できません。</translation>
    </message>
    <message>
        <source>“{name}” is hidden; it cannot be merged.</source>
        <translation>「{name}」は非表示で結合できません。</translation>
    </message>
    <message>
        <source>There is only one visible layer; nothing to merge.</source>
        <translation>見えるレイヤーは1枚だけで、結合するものがありません。</translation>
    </message>
    <message>
        <source>Flat copy</source>
        <translation>統合コピー</translation>
    </message>
    <message>
        <source>“{name}” is a group; choose a layer in it to draw on.</source>
        <translation>「{name}」はグループです。中のレイヤーを選んで描いてください。</translation>
    </message>
    <message>
        <source>“{name}” is hidden; show it to draw on it.</source>
        <translation>「{name}」は非表示です。描くには表示してください。</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it, or choose another layer.</source>
        <translation>「{name}」はロックされています。外すか、別のレイヤーを選んでください。</translation>
    </message>
    <message>
        <source>That layer is no longer on the page.</source>
        <translation>そのレイヤーはもうページにありません。</translation>
    </message>
    <message>
        <source>There is no layer to draw on; add one with the plus above the layers.</source>
        <translation>描くレイヤーがありません。レイヤーの上のプラスで足してください。</translation>
    </message>
    <message>
        <source>The transparency of “{name}” is locked; unlock it to rub out.</source>
        <translation>「{name}」の透明部分はロックされています。消すにはロックを外してください。</translation>
    </message>
    <message>
        <source>That line is no longer on the page.</source>
        <translation>その線はもうページにありません。</translation>
    </message>
    <message>
        <source>There is nothing inside that frame.</source>
        <translation>その枠の中には何もありません。</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it to flip it.</source>
        <translation>「{name}」はロックされています。反転するにはロックを外してください。</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>ぼかし</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>半径</translation>
    </message>
    <message>
        <source>Brightness and contrast</source>
        <translation>明るさとコントラスト</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>明るさ</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>コントラスト</translation>
    </message>
    <message>
        <source>Hue and saturation</source>
        <translation>色相と彩度</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>色相</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>彩度</translation>
    </message>
    <message>
        <source>White to clear</source>
        <translation>白を透明に</translation>
    </message>
    <message>
        <source>White from</source>
        <translation>白の始まり</translation>
    </message>
    <message>
        <source>Black up to</source>
        <translation>黒の終わり</translation>
    </message>
    <message>
        <source>Specks up to</source>
        <translation>ごみの上限</translation>
    </message>
    <message>
        <source>Keep the colour</source>
        <translation>色を残す</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>輪郭</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>幅</translation>
    </message>
    <message>
        <source>Lightness</source>
        <translation>明度</translation>
    </message>
    <message>
        <source>Ripple</source>
        <translation>さざ波</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>高さ</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>Only inside</source>
        <translation>内側だけ</translation>
    </message>
    <message>
        <source>Soft edge</source>
        <translation>柔らかい縁</translation>
    </message>
    <message>
        <source>Tone of its grey</source>
        <translation>グレーのトーン</translation>
    </message>
    <message>
        <source>Cell</source>
        <translation>セル</translation>
    </message>
    <message>
        <source>Dots 0, lines 1, crosses 2</source>
        <translation>点 0、線 1、十字 2</translation>
    </message>
    <message>
        <source>Reflection</source>
        <translation>反射</translation>
    </message>
    <message>
        <source>Axis from the top</source>
        <translation>上からの軸</translation>
    </message>
    <message>
        <source>Fades within</source>
        <translation>消える距離</translation>
    </message>
    <message>
        <source>A page of {width} x {height} px has no room to draw; both sides need 1 px or more.</source>
        <translation>{width} x {height} px のページには描く場所がありません。どちらの辺も 1 px 以上にしてください。</translation>
    </message>
    <message>
        <source>{width} x {height} px is more than fits: at most {largest_side:,} px a side and {most_pixels} million pixels in all.</source>
        <translation>{width} x {height} px は大きすぎます：一辺 {largest_side:,} px、全部で {most_pixels} 百万ピクセルまで。</translation>
    </message>
    <message>
        <source>JIS B{number}</source>
        <translation>JIS B{number}</translation>
    </message>
    <message>
        <source>US letter</source>
        <translation>US レター</translation>
    </message>
    <message>
        <source>US legal</source>
        <translation>US リーガル</translation>
    </message>
    <message>
        <source>Comic book</source>
        <translation>コミックブック</translation>
    </message>
    <message>
        <source>Digest comic</source>
        <translation>小型コミック</translation>
    </message>
    <message>
        <source>Album</source>
        <translation>アルバム</translation>
    </message>
    <message>
        <source>Manga magazine</source>
        <translation>マンガ雑誌</translation>
    </message>
    <message>
        <source>Manga volume</source>
        <translation>マンガ単行本</translation>
    </message>
    <message>
        <source>Page</source>
        <comment>menu</comment>
        <translation>ページ</translation>
    </message>
    <message>
        <source>Edit</source>
        <comment>menu</comment>
        <translation>編集</translation>
    </message>
    <message>
        <source>Hand</source>
        <comment>menu</comment>
        <translation>手</translation>
    </message>
    <message>
        <source>View</source>
        <comment>menu</comment>
        <translation>表示</translation>
    </message>
    <message>
        <source>Layer</source>
        <comment>menu</comment>
        <translation>レイヤー</translation>
    </message>
    <message>
        <source>Mend</source>
        <comment>menu</comment>
        <translation>直す</translation>
    </message>
    <message>
        <source>Fill</source>
        <comment>menu</comment>
        <translation>塗り</translation>
    </message>
    <message>
        <source>Check</source>
        <comment>menu</comment>
        <translation>点検</translation>
    </message>
    <message>
        <source>Guides</source>
        <comment>menu</comment>
        <translation>ガイド</translation>
    </message>
    <message>
        <source>Help</source>
        <comment>menu</comment>
        <translation>ヘルプ</translation>
    </message>
    <message>
        <source>Check the page</source>
        <translation>ページを点検</translation>
    </message>
    <message>
        <source>Look for leaks, tangents, weak outlines, wobble and stray marks</source>
        <translation>漏れ、接触、弱い輪郭、ぶれ、迷い線を探す</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>次の箇所</translation>
    </message>
    <message>
        <source>Go to the next finding</source>
        <translation>次に見つかった箇所へ</translation>
    </message>
    <message>
        <source>Finding before</source>
        <translation>前の箇所</translation>
    </message>
    <message>
        <source>Go to the finding before</source>
        <translation>前に見つかった箇所へ</translation>
    </message>
    <message>
        <source>Mend the finding</source>
        <translation>この箇所を直す</translation>
    </message>
    <message>
        <source>Mend what one came to</source>
        <translation>今いる箇所を直す</translation>
    </message>
    <message>
        <source>Mend all of its kind…</source>
        <translation>この種類をすべて直す…</translation>
    </message>
    <message>
        <source>Show how every finding of the kind one came to would be mended, and mend those one wants</source>
        <translation>この種類の箇所をそれぞれどう直すかを見せ、選んだものを直します</translation>
    </message>
    <message>
        <source>Let the finding be</source>
        <translation>この箇所はこのまま</translation>
    </message>
    <message>
        <source>It is meant so, and is not found again</source>
        <translation>わざとなので、もう見つけない</translation>
    </message>
    <message>
        <source>Put the findings away</source>
        <translation>見つかった箇所を片づける</translation>
    </message>
    <message>
        <source>Show no findings any more, until the page is checked again</source>
        <translation>次に点検するまで、見つかった箇所を表示しません</translation>
    </message>
    <message>
        <source>Heat picture</source>
        <translation>線幅マップ</translation>
    </message>
    <message>
        <source>The page as a picture of line weight, thin to thick</source>
        <translation>線の太さを色で見る、細いから太いまで</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>元に戻す</translation>
    </message>
    <message>
        <source>Take the last change back</source>
        <translation>最後の変更を取り消す</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>やり直す</translation>
    </message>
    <message>
        <source>Do again what was taken back</source>
        <translation>取り消したことをもう一度</translation>
    </message>
    <message>
        <source>Back to drawing</source>
        <translation>描画に戻る</translation>
    </message>
    <message>
        <source>Give up the stroke under the pen, what is chosen, and any tool</source>
        <translation>ペンの下のストローク、選択、道具をやめる</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>設定…</translation>
    </message>
    <message>
        <source>Pen, fingers, keys, view, files and memory, on one sheet</source>
        <translation>ペン、指、キー、表示、ファイル、メモリーを1枚に</translation>
    </message>
    <message>
        <source>Choose all lines</source>
        <translation>すべての線を選ぶ</translation>
    </message>
    <message>
        <source>Choose every line of this layer</source>
        <translation>このレイヤーの線を全部選ぶ</translation>
    </message>
    <message>
        <source>Choose the same pen</source>
        <translation>同じペンを選ぶ</translation>
    </message>
    <message>
        <source>Choose every line of this layer with the pen of those chosen</source>
        <translation>選んだ線と同じペンの線を、このレイヤーで全部選ぶ</translation>
    </message>
    <message>
        <source>Choose the same colour</source>
        <translation>同じ色を選ぶ</translation>
    </message>
    <message>
        <source>Choose every line of this layer in the colour of those chosen</source>
        <translation>選んだ線と同じ色の線を、このレイヤーで全部選ぶ</translation>
    </message>
    <message>
        <source>Choose the same size</source>
        <translation>同じサイズを選ぶ</translation>
    </message>
    <message>
        <source>Choose every line of this layer of the size of those chosen</source>
        <translation>選んだ線と同じサイズの線を、このレイヤーで全部選ぶ</translation>
    </message>
    <message>
        <source>Choose what is connected</source>
        <translation>つながりを選ぶ</translation>
    </message>
    <message>
        <source>Choose all that hangs together with those chosen</source>
        <translation>選んだ線とつながるものを全部選ぶ</translation>
    </message>
    <message>
        <source>Choose the other lines</source>
        <translation>ほかの線を選ぶ</translation>
    </message>
    <message>
        <source>Choose the lines that are not chosen</source>
        <translation>選ばれていない線を選ぶ</translation>
    </message>
    <message>
        <source>Choose on all ink layers</source>
        <translation>全インクレイヤーで選ぶ</translation>
    </message>
    <message>
        <source>Choose lines of every ink layer that shows and is not locked, or of this one alone</source>
        <translation>表示中でロックのない全インクレイヤーの線を選ぶ、または、このレイヤーだけ</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>切り取り</translation>
    </message>
    <message>
        <source>Copy the chosen lines and take them away</source>
        <translation>選んだ線をコピーして取り去る</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>コピー</translation>
    </message>
    <message>
        <source>Copy the chosen lines, or the last one, here and for other programs</source>
        <translation>選んだ線、または最後の線をコピーする。ほかのプログラムでも使える</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>貼り付け</translation>
    </message>
    <message>
        <source>Bring in the lines or the picture that was copied</source>
        <translation>コピーした線や画像を入れる</translation>
    </message>
    <message>
        <source>Flip the lines left to right</source>
        <translation>線を左右反転</translation>
    </message>
    <message>
        <source>Flip the chosen lines, or the last one</source>
        <translation>選んだ線、または最後の線を反転</translation>
    </message>
    <message>
        <source>Flip the lines upside down</source>
        <translation>線を上下反転</translation>
    </message>
    <message>
        <source>Delete the chosen lines</source>
        <translation>選んだ線を削除</translation>
    </message>
    <message>
        <source>Take the chosen lines away</source>
        <translation>選んだ線を取り去る</translation>
    </message>
    <message>
        <source>Pour</source>
        <translation>流し込み</translation>
    </message>
    <message>
        <source>Press in an area to fill it; drag through many</source>
        <translation>面の中を押して塗る。ドラッグで続けて塗る</translation>
    </message>
    <message>
        <source>Fill inside</source>
        <translation>囲んで塗る</translation>
    </message>
    <message>
        <source>Draw around what is to be filled, on this layer</source>
        <translation>このレイヤーで塗るところを囲む</translation>
    </message>
    <message>
        <source>Area by hand</source>
        <translation>手で面を取る</translation>
    </message>
    <message>
        <source>Draw an area from loops, corners, boxes and colours, and fill, rub out or copy it</source>
        <translation>輪、角、四角、色で面を描き、塗る・消す・コピーする</translation>
    </message>
    <message>
        <source>Flats at once</source>
        <translation>一括で下塗り</translation>
    </message>
    <message>
        <source>Give every closed area of the page a flat of its own</source>
        <translation>ページの閉じた面それぞれに色を置く</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>面をつなぐ</translation>
    </message>
    <message>
        <source>Swipe over areas: they become one</source>
        <translation>面の上をなぞると1つになる</translation>
    </message>
    <message>
        <source>Place the light</source>
        <translation>光を置く</translation>
    </message>
    <message>
        <source>Press where the light of the page stands; blacks and hatching run out towards it</source>
        <translation>ページの光のある所を押す。ベタやハッチングは光に向かって抜ける</translation>
    </message>
    <message>
        <source>Freeze the areas</source>
        <translation>面を固定</translation>
    </message>
    <message>
        <source>Areas stay as they are now, whatever becomes of their lines</source>
        <translation>線がどうなっても、面は今のまま</translation>
    </message>
    <message>
        <source>Show open areas</source>
        <translation>開いた面を見る</translation>
    </message>
    <message>
        <source>Go to the areas whose lines are not closed any more, one by one</source>
        <translation>線の閉じていない面へ1つずつ行く</translation>
    </message>
    <message>
        <source>Place the guides</source>
        <translation>ガイドを置く</translation>
    </message>
    <message>
        <source>Drag the handles of the guides</source>
        <translation>ガイドのハンドルをドラッグする</translation>
    </message>
    <message>
        <source>All guides off</source>
        <translation>ガイドをすべて切る</translation>
    </message>
    <message>
        <source>Draw as if there were no guides</source>
        <translation>ガイドがないものとして描く</translation>
    </message>
    <message>
        <source>Hold alone</source>
        <translation>これだけで支える</translation>
    </message>
    <message>
        <source>Let the guide in hand hold every stroke, or as usual again</source>
        <translation>手にしたガイドだけがストロークを支える、または元どおり</translation>
    </message>
    <message>
        <source>Guide in numbers…</source>
        <translation>ガイドの数値…</translation>
    </message>
    <message>
        <source>Type where the chosen guide lies, and how it looks</source>
        <translation>選んだガイドの位置と見た目を数で入れる</translation>
    </message>
    <message>
        <source>Keep the guides as a set…</source>
        <translation>ガイドを組として残す…</translation>
    </message>
    <message>
        <source>Keep these guides at hand for other pages</source>
        <translation>このガイドをほかのページでも使えるようにする</translation>
    </message>
    <message>
        <source>Add a set from a file…</source>
        <translation>ファイルから組を足す…</translation>
    </message>
    <message>
        <source>Use guides that were saved from another page</source>
        <translation>別のページから保存したガイドを使う</translation>
    </message>
    <message>
        <source>Save the guides to a file…</source>
        <translation>ガイドをファイルに保存…</translation>
    </message>
    <message>
        <source>A file of these guides, for another machine</source>
        <translation>このガイドのファイル、別の機械へ</translation>
    </message>
    <message>
        <source>Perspective of the sketch</source>
        <translation>下描きの遠近</translation>
    </message>
    <message>
        <source>Drag lines over two edges that are parallel in reality: their vanishing point falls out of them</source>
        <translation>実際に平行な2つの辺の上に線を引くと、消失点が決まる</translation>
    </message>
    <message>
        <source>Offset of the curve…</source>
        <translation>曲線の平行線…</translation>
    </message>
    <message>
        <source>A curve beside the chosen French curve</source>
        <translation>選んだ雲形定規の横の曲線</translation>
    </message>
    <message>
        <source>French curve of the line</source>
        <translation>線から雲形定規</translation>
    </message>
    <message>
        <source>Make a French curve of the last line</source>
        <translation>最後の線から雲形定規を作る</translation>
    </message>
    <message>
        <source>Part the copies</source>
        <translation>複製を分ける</translation>
    </message>
    <message>
        <source>Make the copies of a symmetric line strokes of their own</source>
        <translation>対称の線の複製を、それぞれのストロークにする</translation>
    </message>
    <message>
        <source>Settle when held still</source>
        <translation>止めると形になる</translation>
    </message>
    <message>
        <source>A stroke that ends at rest becomes the shape it resembles</source>
        <translation>最後に止めたストロークが、似た形になる</translation>
    </message>
    <message>
        <source>Steps of the page</source>
        <translation>ページの角度</translation>
    </message>
    <message>
        <source>Steps of 15 degrees are counted on the page, or else on the turned view</source>
        <translation>15度刻みをページで数える。切ると、回した表示で数える</translation>
    </message>
    <message>
        <source>Time to settle…</source>
        <translation>形になる時間…</translation>
    </message>
    <message>
        <source>How long the pen rests before that</source>
        <translation>それまでペンを止める長さ</translation>
    </message>
    <message>
        <source>Smaller pen</source>
        <translation>ペンを小さく</translation>
    </message>
    <message>
        <source>Make the pen smaller</source>
        <translation>ペンを小さくする</translation>
    </message>
    <message>
        <source>Larger pen</source>
        <translation>ペンを大きく</translation>
    </message>
    <message>
        <source>Make the pen larger</source>
        <translation>ペンを大きくする</translation>
    </message>
    <message>
        <source>Resize the pen</source>
        <translation>ペンの大きさを変える</translation>
    </message>
    <message>
        <source>Drag sideways to resize the pen</source>
        <translation>横にドラッグしてペンの大きさを変える</translation>
    </message>
    <message>
        <source>Rub out</source>
        <translation>消す</translation>
    </message>
    <message>
        <source>Rub out with the pen in the hand</source>
        <translation>手にしたペンで消す</translation>
    </message>
    <message>
        <source>Rub out what is inside</source>
        <translation>囲んで消す</translation>
    </message>
    <message>
        <source>Draw around what is to go; strokes are cut where the loop crosses them</source>
        <translation>消すところを囲む。ストロークは囲みと交わる所で切れる</translation>
    </message>
    <message>
        <source>Choose lines</source>
        <translation>線を選ぶ</translation>
    </message>
    <message>
        <source>Draw around lines, or press one, to change them together</source>
        <translation>線を囲むか押して、まとめて変える</translation>
    </message>
    <message>
        <source>Choose across</source>
        <translation>横切って選ぶ</translation>
    </message>
    <message>
        <source>Draw a line: every line it crosses is chosen</source>
        <translation>線を引くと、交わる線が全部選ばれる</translation>
    </message>
    <message>
        <source>Choose parts of lines</source>
        <translation>線の一部を選ぶ</translation>
    </message>
    <message>
        <source>Draw around parts of lines: they are parted there, and what is inside is chosen</source>
        <translation>線の一部を囲むと、そこで分かれ、中が選ばれる</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>色を取る</translation>
    </message>
    <message>
        <source>Take the colour under the pen from the page</source>
        <translation>ペンの下の色をページから取る</translation>
    </message>
    <message>
        <source>Full steadiness</source>
        <translation>最大の補正</translation>
    </message>
    <message>
        <source>Hold the line as firmly as it goes</source>
        <translation>できるだけしっかり線を支える</translation>
    </message>
    <message>
        <source>No steadiness</source>
        <translation>補正なし</translation>
    </message>
    <message>
        <source>Draw just as the hand goes</source>
        <translation>手の動きのまま描く</translation>
    </message>
    <message>
        <source>Fingers draw</source>
        <translation>指で描く</translation>
    </message>
    <message>
        <source>Without a pen, fingers draw; with one they only move, zoom and turn the page</source>
        <translation>ペンがなければ指で描く。あれば指は移動・拡大・回転だけ</translation>
    </message>
    <message>
        <source>Pen maker…</source>
        <translation>ペン作り…</translation>
    </message>
    <message>
        <source>Change pens, make new ones, and try them</source>
        <translation>ペンを変え、作り、試す</translation>
    </message>
    <message>
        <source>Motif of the lines…</source>
        <translation>線から模様…</translation>
    </message>
    <message>
        <source>Make a pen of the chosen lines, that runs along the hand</source>
        <translation>選んだ線から、手に沿って並ぶペンを作る</translation>
    </message>
    <message>
        <source>Ink colour…</source>
        <translation>インクの色…</translation>
    </message>
    <message>
        <source>Choose any colour, and keep a palette</source>
        <translation>好きな色を選び、パレットに残す</translation>
    </message>
    <message>
        <source>Feel of the device…</source>
        <translation>機器の感触…</translation>
    </message>
    <message>
        <source>Fit pressure to your own hand</source>
        <translation>筆圧を自分の手に合わせる</translation>
    </message>
    <message>
        <source>Move the page</source>
        <translation>ページを動かす</translation>
    </message>
    <message>
        <source>Drag the page</source>
        <translation>ページをドラッグする</translation>
    </message>
    <message>
        <source>Zoom</source>
        <translation>ズーム</translation>
    </message>
    <message>
        <source>Drag right or up to come nearer, left or down to stand back, about where the pen came down</source>
        <translation>右か上へドラッグで近づき、左か下で遠ざかる。ペンを置いた所が中心</translation>
    </message>
    <message>
        <source>Turn the page</source>
        <translation>ページを回す</translation>
    </message>
    <message>
        <source>Drag to turn the page</source>
        <translation>ドラッグでページを回す</translation>
    </message>
    <message>
        <source>Draft a line</source>
        <translation>下書き線</translation>
    </message>
    <message>
        <source>Place a line point by point, then ink it</source>
        <translation>点を1つずつ置いて、あとでインクにする</translation>
    </message>
    <message>
        <source>Straight line</source>
        <translation>まっすぐな線</translation>
    </message>
    <message>
        <source>Run straight from where the stroke began; a settled shape becomes regular</source>
        <translation>ストロークの始まりからまっすぐ。形は正しい形になる</translation>
    </message>
    <message>
        <source>Straight in steps</source>
        <translation>刻みのある直線</translation>
    </message>
    <message>
        <source>Straight, at steps of 15 degrees of the view</source>
        <translation>まっすぐ、表示の15度刻み</translation>
    </message>
    <message>
        <source>Open the menu</source>
        <translation>メニューを開く</translation>
    </message>
    <message>
        <source>Everything Jotsk can do</source>
        <translation>Jotsk でできることすべて</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>キー</translation>
    </message>
    <message>
        <source>All keys on one sheet</source>
        <translation>すべてのキーを1枚に</translation>
    </message>
    <message>
        <source>Manual</source>
        <translation>手引き</translation>
    </message>
    <message>
        <source>How everything is done, with pictures; about the stage one is in</source>
        <translation>やり方のすべて、絵つき。今の工程のページから</translation>
    </message>
    <message>
        <source>Trace under</source>
        <translation>トレースする</translation>
    </message>
    <message>
        <source>Dim this layer, turn it blue, lock it, and ink above it</source>
        <translation>このレイヤーを薄く青くしてロックし、その上にペン入れする</translation>
    </message>
    <message>
        <source>Fresh layer</source>
        <translation>新しいインクレイヤー</translation>
    </message>
    <message>
        <source>Add an ink layer above this one, for the next line</source>
        <translation>次の線のために、この上にインクのレイヤーを足す</translation>
    </message>
    <message>
        <source>Layer above</source>
        <translation>上のレイヤー</translation>
    </message>
    <message>
        <source>Draw on the next layer up</source>
        <translation>1枚上のレイヤーに描く</translation>
    </message>
    <message>
        <source>Layer below</source>
        <translation>下のレイヤー</translation>
    </message>
    <message>
        <source>Draw on the next layer down</source>
        <translation>1枚下のレイヤーに描く</translation>
    </message>
    <message>
        <source>Add sketch layer</source>
        <translation>下描きを足す</translation>
    </message>
    <message>
        <source>Add a layer for pencil below the ink</source>
        <translation>インクの下に鉛筆用のレイヤーを足す</translation>
    </message>
    <message>
        <source>Add paint layer</source>
        <translation>ペイントレイヤーを足す</translation>
    </message>
    <message>
        <source>Add a layer of pixels without strokes above this one</source>
        <translation>この上に、ストロークのないピクセルのレイヤーを足す</translation>
    </message>
    <message>
        <source>Merge down</source>
        <translation>下と結合</translation>
    </message>
    <message>
        <source>Merge this layer onto the one below; ink keeps its strokes</source>
        <translation>このレイヤーを下と結合する。インクはストロークを保つ</translation>
    </message>
    <message>
        <source>Merge what is visible</source>
        <translation>表示中を結合</translation>
    </message>
    <message>
        <source>Merge all visible layers into one</source>
        <translation>見えるレイヤーを全部1枚にする</translation>
    </message>
    <message>
        <source>Add all that is visible as one layer on top</source>
        <translation>見えるもの全部を1枚のレイヤーとして上に足す</translation>
    </message>
    <message>
        <source>Duplicate layer</source>
        <translation>レイヤーを複製</translation>
    </message>
    <message>
        <source>Add a copy of the chosen layers</source>
        <translation>選んだレイヤーのコピーを足す</translation>
    </message>
    <message>
        <source>Rename layer…</source>
        <translation>レイヤーの名前…</translation>
    </message>
    <message>
        <source>Give this layer another name</source>
        <translation>このレイヤーに別の名前をつける</translation>
    </message>
    <message>
        <source>Group layers</source>
        <translation>レイヤーをグループに</translation>
    </message>
    <message>
        <source>Put the chosen layers into a group</source>
        <translation>選んだレイヤーをグループに入れる</translation>
    </message>
    <message>
        <source>Take the group apart</source>
        <translation>グループをほどく</translation>
    </message>
    <message>
        <source>Dissolve this group; its layers stay</source>
        <translation>このグループをほどく。中のレイヤーは残る</translation>
    </message>
    <message>
        <source>Show this layer alone</source>
        <translation>このレイヤーだけ表示</translation>
    </message>
    <message>
        <source>Hide everything else while you look</source>
        <translation>見ている間、ほかを隠す</translation>
    </message>
    <message>
        <source>Delete layer</source>
        <translation>レイヤーを削除</translation>
    </message>
    <message>
        <source>Delete the chosen layers</source>
        <translation>選んだレイヤーを削除する</translation>
    </message>
    <message>
        <source>Move what is on the layer</source>
        <translation>レイヤーの中身を動かす</translation>
    </message>
    <message>
        <source>Drag to move the chosen layers</source>
        <translation>ドラッグして選んだレイヤーを動かす</translation>
    </message>
    <message>
        <source>Flip the layer left to right</source>
        <translation>レイヤーを左右反転</translation>
    </message>
    <message>
        <source>Flip what is on the chosen layers</source>
        <translation>選んだレイヤーの中身を反転する</translation>
    </message>
    <message>
        <source>Flip the layer upside down</source>
        <translation>レイヤーを上下反転</translation>
    </message>
    <message>
        <source>Place the picture…</source>
        <translation>画像を配置…</translation>
    </message>
    <message>
        <source>Move, scale and turn the picture on this layer by its handles</source>
        <translation>このレイヤーの画像をハンドルで動かす・拡大・回す</translation>
    </message>
    <message>
        <source>Move pixels inside</source>
        <translation>中のピクセルを動かす</translation>
    </message>
    <message>
        <source>Draw around pixels of a paint layer, then move, scale and turn them by their handles</source>
        <translation>ペイントレイヤーのピクセルを囲み、ハンドルで動かす・拡大・回す</translation>
    </message>
    <message>
        <source>Effects</source>
        <translation>効果</translation>
    </message>
    <message>
        <source>Live effects of this layer, below the layers</source>
        <translation>このレイヤーのライブ効果、レイヤーの下に</translation>
    </message>
    <message>
        <source>Show only inside</source>
        <translation>中だけ表示</translation>
    </message>
    <message>
        <source>Draw around what of this layer is to be seen; the rest stays, unseen</source>
        <translation>このレイヤーの見せるところを囲む。残りは見えないまま残る</translation>
    </message>
    <message>
        <source>Move layer up</source>
        <translation>レイヤーを上へ</translation>
    </message>
    <message>
        <source>Move this layer up</source>
        <translation>このレイヤーを上へ移す</translation>
    </message>
    <message>
        <source>Move layer down</source>
        <translation>レイヤーを下へ</translation>
    </message>
    <message>
        <source>Move this layer down</source>
        <translation>このレイヤーを下へ移す</translation>
    </message>
    <message>
        <source>Snip</source>
        <translation>刈り込み</translation>
    </message>
    <message>
        <source>Swipe across a piece of a line: it goes up to its next crossings</source>
        <translation>線の一部を横切ってなぞると、次の交点まで消える</translation>
    </message>
    <message>
        <source>Grow back</source>
        <translation>生やし戻し</translation>
    </message>
    <message>
        <source>Pull a snipped end outwards: what was drawn there returns</source>
        <translation>刈り込んだ端を外へ引くと、描いてあった所が戻る</translation>
    </message>
    <message>
        <source>Cut in two</source>
        <translation>二つに切る</translation>
    </message>
    <message>
        <source>Press a line to part it there</source>
        <translation>線を押すと、そこで分かれる</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>つなぐ</translation>
    </message>
    <message>
        <source>Swipe over gaps: ends are bridged in direction and weight</source>
        <translation>すき間をなぞると、向きと太さを合わせて端がつながる</translation>
    </message>
    <message>
        <source>Splice</source>
        <translation>つなぎ合わせ</translation>
    </message>
    <message>
        <source>Swipe along several tries: they become one line along their middle</source>
        <translation>何本かの描き直しに沿ってなぞると、真ん中を通る1本になる</translation>
    </message>
    <message>
        <source>Give the tries back</source>
        <translation>描き直しを戻す</translation>
    </message>
    <message>
        <source>Put the lines that were spliced in the place of the one</source>
        <translation>つなぎ合わせた線を元の線に戻す</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>線幅</translation>
    </message>
    <message>
        <source>Pass over lines to make them thicker or thinner, even, or sharp at their ends</source>
        <translation>線をなぞって太く・細く・均一に・端を鋭くする</translation>
    </message>
    <message>
        <source>Push</source>
        <translation>押す</translation>
    </message>
    <message>
        <source>Push the shape of lines with a round hand, or from beside them their edge; smooth or gather them</source>
        <translation>丸い手で線の形を押す。横からは縁を押す。なめらかに、または寄せる</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>点</translation>
    </message>
    <message>
        <source>Lead a line by as few points as it needs</source>
        <translation>必要なだけの少ない点で線を導く</translation>
    </message>
    <message>
        <source>Move lines</source>
        <translation>線を動かす</translation>
    </message>
    <message>
        <source>Move, scale, turn or bend the chosen lines, or the last one; they are rendered anew</source>
        <translation>選んだ線か最後の線を、動かす・拡大・回す・曲げる。描き直される</translation>
    </message>
    <message>
        <source>Over or under</source>
        <translation>上か下か</translation>
    </message>
    <message>
        <source>Press a crossing of cords: what lay over goes under</source>
        <translation>ひもの交差を押すと、上のものが下になる</translation>
    </message>
    <message>
        <source>Move once more</source>
        <translation>もう一度動かす</translation>
    </message>
    <message>
        <source>The last move of lines again, with those chosen now</source>
        <translation>最後の移動を、今選んでいる線にもう一度</translation>
    </message>
    <message>
        <source>Recast the lines…</source>
        <translation>線の作り直し…</translation>
    </message>
    <message>
        <source>Another pen, size, colour, response or steadiness, with a picture</source>
        <translation>別のペン、サイズ、色、反応、補正に。見本つき</translation>
    </message>
    <message>
        <source>Line weights of the page…</source>
        <translation>ページの線幅…</translation>
    </message>
    <message>
        <source>Make every line of the page so many times as thick, for another print size</source>
        <translation>別の印刷サイズのため、ページの線を全部何倍かの太さにする</translation>
    </message>
    <message>
        <source>New page…</source>
        <translation>新しいページ…</translation>
    </message>
    <message>
        <source>Make a page of any size</source>
        <translation>好きな大きさのページを作る</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>開く…</translation>
    </message>
    <message>
        <source>Open a page, or a picture as a sketch</source>
        <translation>ページ、または下描きの画像を開く</translation>
    </message>
    <message>
        <source>Open the demo page</source>
        <translation>見本のページを開く</translation>
    </message>
    <message>
        <source>Open Gull &amp; Lantern</source>
        <translation>Gull &amp; Lantern を開く</translation>
    </message>
    <message>
        <source>Open the finished panel</source>
        <translation>完成コマを開く</translation>
    </message>
    <message>
        <source>Open Harbour street: a panel with everything done</source>
        <translation>Harbour street を開く：すべて仕上がったコマ</translation>
    </message>
    <message>
        <source>Practice…</source>
        <translation>練習…</translation>
    </message>
    <message>
        <source>Sheets that measure the hand, and how it does over days</source>
        <translation>手を測る用紙と、日ごとの上達</translation>
    </message>
    <message>
        <source>Recent pages…</source>
        <translation>最近のページ…</translation>
    </message>
    <message>
        <source>Pages opened lately, or left with unsaved work</source>
        <translation>最近開いたページ、保存前の作業が残るページ</translation>
    </message>
    <message>
        <source>Next open page</source>
        <translation>次の開いたページ</translation>
    </message>
    <message>
        <source>The next of the pages that are open</source>
        <translation>開いているページの次へ</translation>
    </message>
    <message>
        <source>Close this page</source>
        <translation>このページを閉じる</translation>
    </message>
    <message>
        <source>Leave it; unsaved work stays among the recent pages</source>
        <translation>離れる。保存前の作業は最近のページに残る</translation>
    </message>
    <message>
        <source>Add pictures…</source>
        <translation>画像を足す…</translation>
    </message>
    <message>
        <source>Place pictures on this page, each on a layer</source>
        <translation>このページに画像を置く、1枚ずつレイヤーに</translation>
    </message>
    <message>
        <source>Bring in lines…</source>
        <translation>線を取り込む…</translation>
    </message>
    <message>
        <source>The lines of an SVG file, as strokes on a layer of their own</source>
        <translation>SVG ファイルの線を、ストロークとして専用のレイヤーに</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>保存</translation>
    </message>
    <message>
        <source>Save the page with all its strokes</source>
        <translation>ストロークごとページを保存する</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>名前をつけて保存…</translation>
    </message>
    <message>
        <source>Save the page under another name</source>
        <translation>別の名前でページを保存する</translation>
    </message>
    <message>
        <source>Keep a milestone</source>
        <translation>節目を残す</translation>
    </message>
    <message>
        <source>Keep the page as it is now, to go back to</source>
        <translation>今のページを残し、あとで戻れるようにする</translation>
    </message>
    <message>
        <source>Milestones…</source>
        <translation>節目…</translation>
    </message>
    <message>
        <source>Look at, compare and go back to what was kept</source>
        <translation>残したものを見る、比べる、戻る</translation>
    </message>
    <message>
        <source>Hand over…</source>
        <translation>入稿…</translation>
    </message>
    <message>
        <source>Write the page as all who get it need it, at once</source>
        <translation>受け取る人それぞれの形に、ページを一度に書き出す</translation>
    </message>
    <message>
        <source>Drawn again</source>
        <translation>もう一度描く</translation>
    </message>
    <message>
        <source>See the page being drawn, stroke by stroke</source>
        <translation>ページが描かれる様子を1本ずつ見る</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>書き出し…</translation>
    </message>
    <message>
        <source>Write the page as a picture or a PDF</source>
        <translation>ページを画像か PDF で書き出す</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>印刷…</translation>
    </message>
    <message>
        <source>Print the page at its true size</source>
        <translation>ページを原寸で印刷する</translation>
    </message>
    <message>
        <source>Page size…</source>
        <translation>ページの大きさ…</translation>
    </message>
    <message>
        <source>Another size, resolution, trim or bleed</source>
        <translation>別の大きさ、解像度、仕上がり、裁ち落とし</translation>
    </message>
    <message>
        <source>Crop the page</source>
        <translation>ページを切り抜く</translation>
    </message>
    <message>
        <source>Draw around what is to be the page</source>
        <translation>ページにするところを囲む</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>終了</translation>
    </message>
    <message>
        <source>Close; unsaved work is kept for the next start</source>
        <translation>閉じる。保存前の作業は次の起動まで残る</translation>
    </message>
    <message>
        <source>Zoom in</source>
        <translation>拡大</translation>
    </message>
    <message>
        <source>Show the page larger, about the pen</source>
        <translation>ペンを中心にページを大きく見る</translation>
    </message>
    <message>
        <source>Zoom out</source>
        <translation>縮小</translation>
    </message>
    <message>
        <source>Show the page smaller, about the pen</source>
        <translation>ペンを中心にページを小さく見る</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
    <message>
        <source>One page px for each px of the screen</source>
        <translation>ページの 1 px を画面の 1 px で</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>ページ全体</translation>
    </message>
    <message>
        <source>Show the whole page</source>
        <translation>ページ全体を見る</translation>
    </message>
    <message>
        <source>Page width</source>
        <translation>ページの幅</translation>
    </message>
    <message>
        <source>Show the page as wide as the board</source>
        <translation>ページを机の幅いっぱいに見る</translation>
    </message>
    <message>
        <source>Turn for the next line</source>
        <translation>次の線のために回す</translation>
    </message>
    <message>
        <source>Turn the page so that the next line lies in your hand&apos;s best direction; again turns it back</source>
        <translation>次の線が手の得意な向きになるようページを回す。もう一度で戻る</translation>
    </message>
    <message>
        <source>Buttons on the board</source>
        <translation>机の上のボタン</translation>
    </message>
    <message>
        <source>Undo, rub out, turn, zoom and steady with the pen: no keyboard needed</source>
        <translation>元に戻す、消す、回す、ズーム、補正をペンで：キーボードいらず</translation>
    </message>
    <message>
        <source>In grey</source>
        <translation>グレーで</translation>
    </message>
    <message>
        <source>Look at the page without its colours: are the values right?</source>
        <translation>色なしでページを見る：明暗は合っているか</translation>
    </message>
    <message>
        <source>Squinted</source>
        <translation>目を細めて</translation>
    </message>
    <message>
        <source>Look at the page with half-closed eyes: do the forms stand?</source>
        <translation>目を細めてページを見る：形は立っているか</translation>
    </message>
    <message>
        <source>Print size</source>
        <translation>印刷サイズ</translation>
    </message>
    <message>
        <source>As large as on paper, by the mm of this screen</source>
        <translation>この画面の mm で、紙の上と同じ大きさ</translation>
    </message>
    <message>
        <source>Measure the screen…</source>
        <translation>画面を測る…</translation>
    </message>
    <message>
        <source>How large a mm is on this screen, by a bank card or a ruler</source>
        <translation>この画面の 1 mm の大きさを、カードか定規で</translation>
    </message>
    <message>
        <source>Turn left</source>
        <translation>左に回す</translation>
    </message>
    <message>
        <source>Turn the page 15 degrees to the left</source>
        <translation>ページを左に15度回す</translation>
    </message>
    <message>
        <source>Turn right</source>
        <translation>右に回す</translation>
    </message>
    <message>
        <source>Turn the page 15 degrees to the right</source>
        <translation>ページを右に15度回す</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>まっすぐ</translation>
    </message>
    <message>
        <source>Turn the page upright</source>
        <translation>ページをまっすぐに戻す</translation>
    </message>
    <message>
        <source>Flip</source>
        <translation>反転</translation>
    </message>
    <message>
        <source>Flip left to right about the pen, to see with fresh eyes</source>
        <translation>ペンを中心に左右反転し、新しい目で見る</translation>
    </message>
    <message>
        <source>Flip the whole page</source>
        <translation>ページ全体を反転</translation>
    </message>
    <message>
        <source>Flip about the middle of the page</source>
        <translation>ページの中央で反転する</translation>
    </message>
    <message>
        <source>Line alone</source>
        <translation>線だけ</translation>
    </message>
    <message>
        <source>Hide sketches to judge the line alone</source>
        <translation>下描きを隠し、線だけを見る</translation>
    </message>
    <message>
        <source>Overview</source>
        <translation>全体図</translation>
    </message>
    <message>
        <source>The whole page in little, to go about in</source>
        <translation>小さなページ全体で見て回る</translation>
    </message>
    <message>
        <source>History</source>
        <translation>履歴</translation>
    </message>
    <message>
        <source>What was done, to go back to any point</source>
        <translation>したことの一覧、どこへでも戻れる</translation>
    </message>
    <message>
        <source>Trim, bleed and safe</source>
        <translation>仕上がり・裁ち落とし・安全枠</translation>
    </message>
    <message>
        <source>Show the frames of the page</source>
        <translation>ページの枠を見る</translation>
    </message>
    <message>
        <source>Bare board</source>
        <translation>机を片づける</translation>
    </message>
    <message>
        <source>Hide everything but the page</source>
        <translation>ページ以外を全部隠す</translation>
    </message>
    <message>
        <source>Show the hand</source>
        <translation>手を表示</translation>
    </message>
    <message>
        <source>Fold the left side away or back</source>
        <translation>左側をたたむ、または戻す</translation>
    </message>
    <message>
        <source>Show the page list</source>
        <translation>ページの一覧を表示</translation>
    </message>
    <message>
        <source>Fold the right side away or back</source>
        <translation>右側をたたむ、または戻す</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>全画面</translation>
    </message>
    <message>
        <source>Use the whole screen</source>
        <translation>画面全体を使う</translation>
    </message>
    <message>
        <source>Left-handed</source>
        <translation>左利き</translation>
    </message>
    <message>
        <source>Mirror the desk and its keys</source>
        <translation>机とキーを左右逆にする</translation>
    </message>
    <message>
        <source>Lamp light</source>
        <translation>ランプの明かり</translation>
    </message>
    <message>
        <source>Change between Day and Lamp</source>
        <translation>昼とランプを切り替える</translation>
    </message>
    <message>
        <source>Drop a sketch on the page</source>
        <translation>下描きをページに落とす</translation>
    </message>
    <message>
        <source>draw with pen or mouse</source>
        <translation>ペンかマウスで描く</translation>
    </message>
    <message>
        <source>hold D to rub out</source>
        <translation>D を押す間は消す</translation>
    </message>
    <message>
        <source>hold F to see the line alone</source>
        <translation>F を押す間は線だけ</translation>
    </message>
    <message>
        <source>E traces a sketch</source>
        <translation>E で下描きをトレース</translation>
    </message>
    <message>
        <source>F1 lists the keys</source>
        <translation>F1 でキーの一覧</translation>
    </message>
    <message>
        <source>Do not show these hints again</source>
        <translation>この案内を二度と出さない</translation>
    </message>
    <message>
        <source>Dismiss the hints</source>
        <translation>案内を閉じる</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>ペン</translation>
    </message>
    <message>
        <source>Lower button of the pen</source>
        <translation>ペンの下ボタン</translation>
    </message>
    <message>
        <source>Upper button of the pen</source>
        <translation>ペンの上ボタン</translation>
    </message>
    <message>
        <source>While it is down, or as it is pressed; the tip draws with what it holds</source>
        <translation>押している間、または押したとき。持っているもので先が描く</translation>
    </message>
    <message>
        <source>Time to settle</source>
        <translation>形になる時間</translation>
    </message>
    <message>
        <source>How long the pen rests before a stroke becomes the shape it resembles</source>
        <translation>ストロークが似た形になるまで、ペンを止める長さ</translation>
    </message>
    <message>
        <source>Fingers</source>
        <translation>指</translation>
    </message>
    <message>
        <source>Two fingers always move, zoom and turn the page</source>
        <translation>2本の指はいつもページを動かす・拡大・回す</translation>
    </message>
    <message>
        <source>View</source>
        <translation>表示</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>言語</translation>
    </message>
    <message>
        <source>From the next start on</source>
        <translation>次の起動から</translation>
    </message>
    <message>
        <source>That of the desktop</source>
        <translation>デスクトップと同じ</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>ファイル</translation>
    </message>
    <message>
        <source>Milestone by the clock</source>
        <translation>時計による節目</translation>
    </message>
    <message>
        <source>Minutes of work between two</source>
        <translation>節目の間の作業時間、分</translation>
    </message>
    <message>
        <source>never</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>保存前の作業</translation>
    </message>
    <message>
        <source>Settings, pens and palette</source>
        <translation>設定、ペン、パレット</translation>
    </message>
    <message>
        <source>Measure pages at work</source>
        <translation>作業中のページを測る</translation>
    </message>
    <message>
        <source>Wobble and speed of straight lines, for Practice; quietly</source>
        <translation>練習のために、直線のぶれと速さを静かに測る</translation>
    </message>
    <message>
        <source>Memory</source>
        <translation>メモリー</translation>
    </message>
    <message>
        <source>Steps back</source>
        <translation>戻れる段数</translation>
    </message>
    <message>
        <source>How much they may take; by the machine it is {most_bytes} MB here</source>
        <translation>使ってよい量。この機械では {most_bytes} MB</translation>
    </message>
    <message>
        <source>by the machine</source>
        <translation>機械にまかせる</translation>
    </message>
    <message>
        <source>All settings are those of “{name}” now.</source>
        <translation>すべての設定が「{name}」のものになりました。</translation>
    </message>
    <message>
        <source>Something did not work because of a fault in Jotsk; what is finished is kept, and the log has the rest.</source>
        <translation>Jotsk の不具合で、うまくいきませんでした。終わったものは残っています。詳しくは記録に。</translation>
    </message>
    <message>
        <source>“{name}” could not be opened: it does not exist.</source>
        <translation>「{name}」を開けません：ありません。</translation>
    </message>
    <message>
        <source>the folder does not exist or does not allow it</source>
        <translation>フォルダーがないか、許可されていません</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>中止</translation>
    </message>
    <message>
        <source>Preparing the pens; this happens once and takes a minute or two.</source>
        <translation>ペンを準備しています。最初だけで、1〜2分かかります。</translation>
    </message>
    <message>
        <source>Placing pictures</source>
        <translation>画像の配置</translation>
    </message>
    <message>
        <source>By what the screen says of itself; Measure the screen in the menu is exact.</source>
        <translation>画面の申告によります。正確なのはメニューの「画面を測る」です。</translation>
    </message>
    <message>
        <source>Seconds the pen rests at the end of a stroke</source>
        <translation>ストロークの終わりでペンを止める秒数</translation>
    </message>
    <message>
        <source>Undo the last point</source>
        <translation>最後の点を戻す</translation>
    </message>
    <message>
        <source>Undo the move</source>
        <translation>移動を戻す</translation>
    </message>
    <message>
        <source>{title}, then the window closes…</source>
        <translation>{title}、そのあと窓を閉じます…</translation>
    </message>
    <message>
        <source>Add a guide</source>
        <translation>ガイドを足す</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>ページ</translation>
    </message>
    <message>
        <source>An eraser leaves no line; take up a pen that inks.</source>
        <translation>消しゴムは線を残しません。インクの出るペンを持ってください。</translation>
    </message>
    <message>
        <source>Remove a point</source>
        <translation>点を取る</translation>
    </message>
    <message>
        <source>Place guide</source>
        <translation>ガイドを置く</translation>
    </message>
    <message>
        <source>Drop your sketch here</source>
        <translation>下描きをここに落とすか、</translation>
    </message>
    <message>
        <source>paste it (Ctrl+V), or open it (Ctrl+O);</source>
        <translation>貼り付け（Ctrl+V）か、開く（Ctrl+O）で。</translation>
    </message>
    <message>
        <source>E dims it and puts ink above it. Or just draw.</source>
        <translation>E で薄くして、その上にペン入れします。すぐ描いてもかまいません。</translation>
    </message>
    <message>
        <source>“Practice” in the menu warms the hand up.</source>
        <translation>メニューの「練習」で手をならせます。</translation>
    </message>
    <message>
        <source>How far it is drawn</source>
        <translation>どこまで描いたか</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>速さ</translation>
    </message>
    <message>
        <source>Times as fast as the hand</source>
        <translation>手の何倍の速さ</translation>
    </message>
    <message>
        <source>{speed} times</source>
        <translation>{speed} 倍</translation>
    </message>
    <message>
        <source>As drawn</source>
        <translation>描いたとおり</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>一時停止</translation>
    </message>
    <message>
        <source>End</source>
        <translation>終わり</translation>
    </message>
    <message>
        <source>Back to the page (Escape, or a press)</source>
        <translation>ページに戻る（Esc、または押す）</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>前へ</translation>
    </message>
    <message>
        <source>The finding before (Shift+F8)</source>
        <translation>前の箇所（Shift+F8）</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>次へ</translation>
    </message>
    <message>
        <source>The next finding (F8)</source>
        <translation>次の箇所（F8）</translation>
    </message>
    <message>
        <source>Mend</source>
        <translation>直す</translation>
    </message>
    <message>
        <source>Mend this one (F7)</source>
        <translation>これを直す（F7）</translation>
    </message>
    <message>
        <source>All of these…</source>
        <translation>すべて…</translation>
    </message>
    <message>
        <source>Show how every one of this kind would be mended, before it is done</source>
        <translation>直す前に、この種類をそれぞれどう直すかを見せます</translation>
    </message>
    <message>
        <source>Let be</source>
        <translation>このまま</translation>
    </message>
    <message>
        <source>It is meant so</source>
        <translation>わざとです</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>片づける</translation>
    </message>
    <message>
        <source>{at} of {count}: {sentence}</source>
        <translation>{count} のうち {at}：{sentence}</translation>
    </message>
    <message>
        <source>Point by point</source>
        <translation>点を1つずつ</translation>
    </message>
    <message>
        <source>Press to place, drag to move, press the line to bend.</source>
        <translation>押して置く、ドラッグで動かす、線を押して曲げる。</translation>
    </message>
    <message>
        <source>Drag to draw it, its ends to change it; then ink it.</source>
        <translation>ドラッグで描き、端で直して、インクにする。</translation>
    </message>
    <message>
        <source>Place points, or drag a ready shape</source>
        <translation>点を置くか、できた形をドラッグする</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>なめらか</translation>
    </message>
    <message>
        <source>Smooth through the points, or straight from one to the next</source>
        <translation>点をなめらかに通る、または、まっすぐ結ぶ</translation>
    </message>
    <message>
        <source>Join the last point to the first</source>
        <translation>最後の点を最初の点に結ぶ</translation>
    </message>
    <message>
        <source>Fan</source>
        <translation>扇</translation>
    </message>
    <message>
        <source>Straight lines from the first point to every other</source>
        <translation>最初の点からほかの全部の点へ直線</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>角</translation>
    </message>
    <message>
        <source>A corner at the point that was pressed last</source>
        <translation>最後に押した点を角にする</translation>
    </message>
    <message>
        <source>Square</source>
        <translation>正方形</translation>
    </message>
    <message>
        <source>All sides alike</source>
        <translation>すべての辺を同じに</translation>
    </message>
    <message>
        <source>Upright as the page is seen, however it is turned</source>
        <translation>ページがどう回っていても、見た目でまっすぐ</translation>
    </message>
    <message>
        <source> sides</source>
        <comment>of a polygon</comment>
        <translation> 辺</translation>
    </message>
    <message>
        <source>How high the arc is, to half its width</source>
        <translation>弧の高さ、幅の半分に対して</translation>
    </message>
    <message>
        <source>Draw it with the pen in the hand (Enter)</source>
        <translation>手にしたペンで描く（Enter）</translation>
    </message>
    <message>
        <source>Keep as curve</source>
        <translation>曲線として残す</translation>
    </message>
    <message>
        <source>Keep it as a French curve among the guides</source>
        <translation>雲形定規としてガイドに残す</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>やめる</translation>
    </message>
    <message>
        <source>Drop the draft (Esc)</source>
        <translation>下書き線をやめる（Esc）</translation>
    </message>
    <message>
        <source>Under lines</source>
        <translation>線の下</translation>
    </message>
    <message>
        <source>Hold what lies beneath the chosen lines</source>
        <translation>選んだ線の下にある所を持つ</translation>
    </message>
    <message>
        <source>Around the drawing</source>
        <translation>絵の外</translation>
    </message>
    <message>
        <source>Hold all that lies outside the ink</source>
        <translation>インクの外側を全部持つ</translation>
    </message>
    <message>
        <source>All but this</source>
        <translation>これ以外</translation>
    </message>
    <message>
        <source>Hold the rest of the page instead</source>
        <translation>代わりにページの残りを持つ</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>大きく</translation>
    </message>
    <message>
        <source>Larger by the step that is set</source>
        <translation>決めた幅だけ大きく</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>小さく</translation>
    </message>
    <message>
        <source>Smaller by the step that is set</source>
        <translation>決めた幅だけ小さく</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>塗り</translation>
    </message>
    <message>
        <source>Fill it on the active layer (Enter)</source>
        <translation>描いているレイヤーに塗る（Enter）</translation>
    </message>
    <message>
        <source>Take away what the active layer has in it</source>
        <translation>描いているレイヤーの、その中を消す</translation>
    </message>
    <message>
        <source>What the active layer shows in it, on a layer of its own</source>
        <translation>描いているレイヤーの見えるものを、別のレイヤーへ</translation>
    </message>
    <message>
        <source>Only here</source>
        <translation>ここだけ</translation>
    </message>
    <message>
        <source>Show the active layer only in it: a live effect</source>
        <translation>描いているレイヤーをその中だけ表示：ライブ効果</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>パターン</translation>
    </message>
    <message>
        <source>What the page shows in it becomes the pattern</source>
        <translation>ページのその中がパターンになる</translation>
    </message>
    <message>
        <source>Join the lines</source>
        <translation>線をつなぐ</translation>
    </message>
    <message>
        <source>Bridge the gap in direction and weight, and fill</source>
        <translation>向きと太さを合わせてすき間をつなぎ、塗る</translation>
    </message>
    <message>
        <source>Close for now</source>
        <translation>今だけ閉じる</translation>
    </message>
    <message>
        <source>Fill as if the gap were closed; the lines stay as they are</source>
        <translation>すき間が閉じているものとして塗る。線はそのまま</translation>
    </message>
    <message>
        <source>Fill all</source>
        <translation>全部塗る</translation>
    </message>
    <message>
        <source>Fill everything it runs into</source>
        <translation>流れ込む所を全部塗る</translation>
    </message>
    <message>
        <source>It would run out here, through {width_px:.0f} px.</source>
        <translation>ここで {width_px:.0f} px から漏れます。</translation>
    </message>
    <message>
        <source>Drag the rings; beside them everything moves. Then put it down.</source>
        <translation>輪をドラッグ。横では全体が動く。そして置く。</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>右へ</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>{name}, for Move and Copy</source>
        <translation>{name}、移動とコピー用</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>Move the lines by these numbers</source>
        <translation>この数だけ線を動かす</translation>
    </message>
    <message>
        <source>Leave the lines, and move a copy by these numbers</source>
        <translation>線を残し、コピーをこの数だけ動かす</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>もう一度</translation>
    </message>
    <message>
        <source>The same step again, with the lines that are chosen now (Ctrl+R)</source>
        <translation>同じ動きをもう一度、今選んでいる線に（Ctrl+R）</translation>
    </message>
    <message>
        <source>Put down</source>
        <translation>置く</translation>
    </message>
    <message>
        <source>Move the lines as they are shown (Enter)</source>
        <translation>見えているとおりに線を動かす（Enter）</translation>
    </message>
    <message>
        <source>Leave the lines where they are (Esc)</source>
        <translation>線を元の場所に残す（Esc）</translation>
    </message>
    <message>
        <source>Drag to move, a corner to scale, the ring to turn; arrows nudge.</source>
        <translation>ドラッグで移動、角で拡大、輪で回転、矢印で少し動かす。</translation>
    </message>
    <message>
        <source>Put the pictures onto the page, each on a layer (Enter)</source>
        <translation>画像をページに置く、1枚ずつレイヤーに（Enter）</translation>
    </message>
    <message>
        <source>Leave the page as it is (Esc)</source>
        <translation>ページをそのままにする（Esc）</translation>
    </message>
    <message>
        <source>Middle, from the left</source>
        <translation>中心、左から</translation>
    </message>
    <message>
        <source>Middle, from the top</source>
        <translation>中心、上から</translation>
    </message>
    <message>
        <source>{name} of the picture in the hand</source>
        <translation>手にした画像の{name}</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>次の用紙</translation>
    </message>
    <message>
        <source>The next sheet of the warm-up</source>
        <translation>準備運動の次の用紙</translation>
    </message>
    <message>
        <source>Once more without steadiness</source>
        <translation>補正なしでもう一度</translation>
    </message>
    <message>
        <source>The same sheet, to compare what the steadiness does for you</source>
        <translation>同じ用紙で、補正の効きめを比べる</translation>
    </message>
    <message>
        <source>How I do…</source>
        <translation>上達を見る…</translation>
    </message>
    <message>
        <source>The hand over days, its steadiest direction, and other sheets</source>
        <translation>日ごとの手、得意な向き、ほかの用紙</translation>
    </message>
    <message>
        <source>draw from the dot to the ring</source>
        <translation>点から輪へ描いてください</translation>
    </message>
    <message>
        <source>{title}, without steadiness</source>
        <translation>{title}、補正なし</translation>
    </message>
    <message>
        <source>{title}: {drawn} of {wanted}. Median: {told}.</source>
        <translation>{title}：{wanted} のうち {drawn}。中央値：{told}。</translation>
    </message>
    <message>
        <source>The hand&apos;s own line</source>
        <translation>手の線のまま</translation>
    </message>
    <message>
        <source>Settled into: {kind}</source>
        <translation>形になりました：{kind}</translation>
    </message>
    <message>
        <source>Make it: {kind}</source>
        <translation>形にする：{kind}</translation>
    </message>
    <message>
        <source>Handles</source>
        <translation>ハンドル</translation>
    </message>
    <message>
        <source>Drag the shape by its handles</source>
        <translation>形をハンドルで動かす</translation>
    </message>
    <message>
        <source>Undo the settling (Ctrl+Z)</source>
        <translation>形を取り消す（Ctrl+Z）</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>残す</translation>
    </message>
    <message>
        <source>Keep the shape; so does drawing on (Enter)</source>
        <translation>形を残す。描き続けても残る（Enter）</translation>
    </message>
    <message>
        <source>Flats</source>
        <translation>下塗り</translation>
    </message>
    <message>
        <source>No area follows its lines; pour one first.</source>
        <translation>線についていく面がありません。先に流し込んでください。</translation>
    </message>
    <message>
        <source>Freeze areas</source>
        <translation>面を固定</translation>
    </message>
    <message>
        <source>Every area of this page is closed.</source>
        <translation>このページの面は全部閉じています。</translation>
    </message>
    <message numerus="yes">
        <source>%n area(s) open: the lines of this one do not close.</source>
        <translation>
            <numerusform>開いた面が %n 個：この面の線は閉じていません。</numerusform>
        </translation>
    </message>
    <message>
        <source>The line was copied.</source>
        <translation>線をコピーしました。</translation>
    </message>
    <message numerus="yes">
        <source>%n lines were copied.</source>
        <translation>
            <numerusform>%n 本の線をコピーしました。</numerusform>
        </translation>
    </message>
    <message>
        <source>Copying</source>
        <translation>コピー中</translation>
    </message>
    <message>
        <source>Choose the lines to cut first.</source>
        <translation>先に切り取る線を選んでください。</translation>
    </message>
    <message>
        <source>Paste lines</source>
        <translation>線を貼り付け</translation>
    </message>
    <message>
        <source>Pasted</source>
        <translation>貼り付け</translation>
    </message>
    <message>
        <source>Sets of guides (*.json)</source>
        <translation>ガイドの組 (*.json)</translation>
    </message>
    <message>
        <source>There is no line yet to make a curve of; draw one first.</source>
        <translation>曲線にする線がまだありません。先に描いてください。</translation>
    </message>
    <message>
        <source>Making a curve of the line</source>
        <translation>線から曲線を作成中</translation>
    </message>
    <message>
        <source>Take a French curve in hand first: press it in the list of guides.</source>
        <translation>先に雲形定規を手にしてください：ガイドの一覧で押します。</translation>
    </message>
    <message>
        <source>Offset of the curve</source>
        <translation>曲線の平行線</translation>
    </message>
    <message>
        <source>How far beside it, px; less than 0 is the other side</source>
        <translation>どれだけ離すか、px。0 未満は反対側</translation>
    </message>
    <message>
        <source>The curve bends more tightly than that everywhere; choose a smaller offset.</source>
        <translation>曲線のどこもそれより急に曲がっています。小さい数にしてください。</translation>
    </message>
    <message>
        <source>Add a set of guides</source>
        <translation>ガイドの組を足す</translation>
    </message>
    <message>
        <source>Keep the guides</source>
        <translation>ガイドを残す</translation>
    </message>
    <message>
        <source>Name of the set</source>
        <translation>組の名前</translation>
    </message>
    <message>
        <source>Save the guides as a set</source>
        <translation>ガイドを組として保存</translation>
    </message>
    <message>
        <source>The guides are in “{name}”.</source>
        <translation>ガイドは「{name}」にあります。</translation>
    </message>
    <message>
        <source>None of these lines was spliced; choose one that was.</source>
        <translation>つなぎ合わせた線がありません。そういう線を選んでください。</translation>
    </message>
    <message>
        <source>A motif is made of at most {most_lines} lines; choose fewer.</source>
        <translation>模様は {most_lines} 本までの線で作ります。減らしてください。</translation>
    </message>
    <message>
        <source>Motif of the lines</source>
        <translation>線から模様</translation>
    </message>
    <message>
        <source>Name of the pen</source>
        <translation>ペンの名前</translation>
    </message>
    <message>
        <source>My motif</source>
        <translation>自分の模様</translation>
    </message>
    <message>
        <source>Recast the line</source>
        <translation>線の作り直し</translation>
    </message>
    <message>
        <source>Line weights of the page</source>
        <translation>ページの線幅</translation>
    </message>
    <message>
        <source>All lines become, in % of their weight</source>
        <translation>全部の線を、今の太さの何 % に</translation>
    </message>
    <message>
        <source>Pages, pictures and lines (*.ora *.svg {pictures});;All files (*)</source>
        <translation>ページ、画像、線 (*.ora *.svg {pictures});;すべてのファイル (*)</translation>
    </message>
    <message>
        <source>“{title}” is not open beside this page any more; it is among the recent pages.</source>
        <translation>「{title}」はもうこのページの横に開かれていません。最近のページにあります。</translation>
    </message>
    <message>
        <source>No other page is open; what is opened next comes beside this one.</source>
        <translation>ほかに開いたページはありません。次に開くものが並びます。</translation>
    </message>
    <message>
        <source>New page</source>
        <translation>新しいページ</translation>
    </message>
    <message>
        <source>“{title}” is closed; its changes are not in a file, and it is among the recent pages.</source>
        <translation>「{title}」を閉じました。変更はファイルになく、最近のページにあります。</translation>
    </message>
    <message>
        <source>Practice: {title}</source>
        <translation>練習：{title}</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>開く</translation>
    </message>
    <message>
        <source>The page before this one is still being kept; the recent pages come after it.</source>
        <translation>前のページをまだ残しています。そのあとに最近のページが開きます。</translation>
    </message>
    <message>
        <source>Looking for recent pages</source>
        <translation>最近のページを探しています</translation>
    </message>
    <message>
        <source>That page is no longer there, or another window has it.</source>
        <translation>そのページはもうないか、別の窓にあります。</translation>
    </message>
    <message>
        <source>“{title}” has changes that are not in a file yet; it is among the recent pages.</source>
        <translation>「{title}」にはまだファイルにない変更があります。最近のページにあります。</translation>
    </message>
    <message>
        <source>“{title}” is as you left it; it has changes that are not in a file yet.</source>
        <translation>「{title}」は離れたときのままです。まだファイルにない変更があります。</translation>
    </message>
    <message>
        <source>Putting the page back</source>
        <translation>ページを戻しています</translation>
    </message>
    <message>
        <source>Add pictures</source>
        <translation>画像を足す</translation>
    </message>
    <message>
        <source>Pictures ({pictures});;All files (*)</source>
        <translation>画像 ({pictures});;すべてのファイル (*)</translation>
    </message>
    <message>
        <source>Bring in lines</source>
        <translation>線を取り込む</translation>
    </message>
    <message>
        <source>Lines (*.svg)</source>
        <translation>線 (*.svg)</translation>
    </message>
    <message>
        <source>Pasting</source>
        <translation>貼り付け中</translation>
    </message>
    <message>
        <source>There is nothing to paste; copy lines or a picture first.</source>
        <translation>貼り付けるものがありません。先に線か画像をコピーしてください。</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>名前をつけて保存</translation>
    </message>
    <message>
        <source>OpenRaster pages (*.ora)</source>
        <translation>OpenRaster のページ (*.ora)</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>書き出し</translation>
    </message>
    <message>
        <source>Pictures (*{suffix})</source>
        <translation>画像 (*{suffix})</translation>
    </message>
    <message>
        <source>The last check found {checked}.</source>
        <translation>前の点検で見つかったもの：{checked}。</translation>
    </message>
    <message>
        <source>Check the page (F9) looks for leaks and weak lines.</source>
        <translation>「ページを点検」（F9）で漏れや弱い線を探せます。</translation>
    </message>
    <message>
        <source>Hand over to a folder</source>
        <translation>フォルダーに入稿</translation>
    </message>
    <message>
        <source>Hand over</source>
        <translation>入稿</translation>
    </message>
    <message>
        <source>{names}: there already. Replace?</source>
        <translation>{names}：すでにあります。置き換えますか。</translation>
    </message>
    <message>
        <source>Printing {title}</source>
        <translation>{title} を印刷中</translation>
    </message>
    <message>
        <source>“{title}” went to the printer.</source>
        <translation>「{title}」をプリンターに送りました。</translation>
    </message>
    <message>
        <source>A milestone is kept; Ctrl+Shift+M shows all of them.</source>
        <translation>節目を残しました。Ctrl+Shift+M で全部見られます。</translation>
    </message>
    <message>
        <source>{reason}

The work on this page could not be kept aside.</source>
        <translation>{reason}

このページの作業を取っておけませんでした。</translation>
    </message>
    <message>
        <source>Stay, and save it elsewhere</source>
        <translation>とどまって、別の所に保存する</translation>
    </message>
    <message>
        <source>Leave without it</source>
        <translation>残さずに離れる</translation>
    </message>
    <message>
        <source>The stroke could not be inked; what the hand did is kept in “{path}”.</source>
        <translation>ストロークをインクにできませんでした。手の動きは「{path}」に残っています。</translation>
    </message>
    <message>
        <source>The file has changed</source>
        <translation>ファイルが変わりました</translation>
    </message>
    <message>
        <source>“{name}” was changed by another program or window since it was opened here. Your work is in the journal, whatever you choose.</source>
        <translation>「{name}」は、ここで開いたあと、別のプログラムか窓で変更されました。どれを選んでも、作業は控えにあります。</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>別の名前で保存</translation>
    </message>
    <message>
        <source>Write over it</source>
        <translation>上書きする</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>今はしない</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>The pen in the hand now steadies its lines by {steadiness} after the lift.</source>
        <translation>手にしたペンの、描いた後の補正を {steadiness} にしました。</translation>
    </message>
    <message>
        <source>Until this sheet is left, lines come as the hand draws them, whatever the pen is set to.</source>
        <translation>この用紙を離れるまで、ペンの設定にかかわらず、線は手の描くまま出ます。</translation>
    </message>
    <message>
        <source>Draw a practice sheet of parallel lines first: then it is known which direction suits the hand.</source>
        <translation>先に平行線の用紙で練習してください。手に合う向きがわかります。</translation>
    </message>
    <message>
        <source>Show a direction first: by a guide, over an edge of the sketch, or with a short stroke.</source>
        <translation>先に向きを示してください：ガイド、下描きの辺の上、または短いストロークで。</translation>
    </message>
    <message>
        <source>Turned for {what}; the same key turns it back.</source>
        <translation>{what}に合わせて回しました。同じキーで戻ります。</translation>
    </message>
    <message>
        <source>the guide</source>
        <translation>ガイド</translation>
    </message>
    <message>
        <source>the edge of the sketch under the pen</source>
        <translation>ペンの下の下描きの辺</translation>
    </message>
    <message>
        <source>the direction of the last stroke</source>
        <translation>最後のストロークの向き</translation>
    </message>
    <message>
        <source>The feel of “{device}” is kept.</source>
        <translation>「{device}」の感触を残しました。</translation>
    </message>
    <message>
        <source>Working out what mending would do</source>
        <translation>どう直るかを計算しています</translation>
    </message>
    <message>
        <source>RGB and transparency</source>
        <translation>RGB と透明</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>グレー</translation>
    </message>
    <message>
        <source>Black and white, 1 bit</source>
        <translation>白黒、1ビット</translation>
    </message>
    <message>
        <source>CMYK, for a press</source>
        <translation>CMYK、印刷機用</translation>
    </message>
    <message>
        <source>The whole page</source>
        <translation>ページ全体</translation>
    </message>
    <message>
        <source>To the bleed</source>
        <translation>裁ち落としまで</translation>
    </message>
    <message>
        <source>To the trim</source>
        <translation>仕上がりまで</translation>
    </message>
    <message>
        <source>To the safe frame</source>
        <translation>安全枠まで</translation>
    </message>
    <message>
        <source>The page has a bleed but no trim, so this is the whole page; Page size in the menu sets the trim.</source>
        <translation>裁ち落としはありますが仕上がり線がないので、これはページ全体です。メニューの「ページの大きさ」で仕上がり線を決めます。</translation>
    </message>
    <message>
        <source>The result at its true size; drag to see another part</source>
        <translation>結果の原寸。ドラッグで別の所を見る</translation>
    </message>
    <message>
        <source>Leave the paper out</source>
        <translation>紙を入れない</translation>
    </message>
    <message>
        <source>Lines as shapes</source>
        <translation>線を形で</translation>
    </message>
    <message>
        <source>Sharp at any size; what has grain stays a picture</source>
        <translation>どの大きさでもくっきり。ざらつきのあるものは画像のまま</translation>
    </message>
    <message>
        <source>The ICC profile of the press: who prints the page has it</source>
        <translation>印刷機の ICC プロファイル：印刷する人が持っています</translation>
    </message>
    <message>
        <source>What is darker than this becomes ink</source>
        <translation>これより暗い所がインクになる</translation>
    </message>
    <message>
        <source>With sketch layers</source>
        <translation>下描きレイヤーも</translation>
    </message>
    <message>
        <source>What is written; all that is visible at first, but for sketches</source>
        <translation>書き出すもの。最初は下描き以外の見えるもの全部</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>種類</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>印刷機</translation>
    </message>
    <message>
        <source>Black below</source>
        <translation>黒にする境</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>品質</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>枠</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>倍率</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>レイヤー</translation>
    </message>
    <message>
        <source>Write…</source>
        <translation>書き出す…</translation>
    </message>
    <message>
        <source>The profile of the press</source>
        <translation>印刷機のプロファイル</translation>
    </message>
    <message>
        <source>ICC profiles (*.icc *.icm)</source>
        <translation>ICC プロファイル (*.icc *.icm)</translation>
    </message>
    <message>
        <source>Choose a profile…</source>
        <translation>プロファイルを選ぶ…</translation>
    </message>
    <message>
        <source>{width} x {height} px at {dpi:.0f} dpi, {mm_wide:.0f} x {mm_high:.0f} mm on paper</source>
        <translation>{width} x {height} px、{dpi:.0f} dpi、紙の上で {mm_wide:.0f} x {mm_high:.0f} mm</translation>
    </message>
    <message>
        <source>1. Lightly</source>
        <translation>1. 軽く</translation>
    </message>
    <message>
        <source>Scribble as lightly as you would ever draw</source>
        <translation>いちばん軽く描くときのように、なぐり描き</translation>
    </message>
    <message>
        <source>2. As always</source>
        <translation>2. いつもどおり</translation>
    </message>
    <message>
        <source>Scribble as you draw most of the time</source>
        <translation>ふだん描くように、なぐり描き</translation>
    </message>
    <message>
        <source>3. Hard</source>
        <translation>3. 強く</translation>
    </message>
    <message>
        <source>Scribble as hard as you like to press</source>
        <translation>押したいだけ強く、なぐり描き</translation>
    </message>
    <message>
        <source>Feel of the device</source>
        <translation>機器の感触</translation>
    </message>
    <message>
        <source>Devices that were used here; draw with another, and it is listed too</source>
        <translation>ここで使った機器。別の機器で描くと、それも並びます</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>機器</translation>
    </message>
    <message>
        <source>From the pressure of the device to the pressure of the pen</source>
        <translation>機器の筆圧からペンの筆圧へ</translation>
    </message>
    <message>
        <source>Pressure of the hand</source>
        <translation>手の筆圧</translation>
    </message>
    <message>
        <source>Pressure of the pen</source>
        <translation>ペンの筆圧</translation>
    </message>
    <message>
        <source>{words} at the point that was pressed last</source>
        <translation>最後に押した点の{words}</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>点</translation>
    </message>
    <message>
        <source>becomes</source>
        <translation>から</translation>
    </message>
    <message>
        <source>Pressure of your hand, and what becomes of it</source>
        <translation>手の筆圧と、その結果</translation>
    </message>
    <message>
        <source>Fit to the scribbles</source>
        <translation>なぐり描きに合わせる</translation>
    </message>
    <message>
        <source>Bring your light, normal and hard pressure to 12, 50 and 95 %</source>
        <translation>軽い・ふつう・強い筆圧を 12・50・95 % にする</translation>
    </message>
    <message>
        <source>Keep this feel</source>
        <translation>この感触を残す</translation>
    </message>
    <message>
        <source>Use it from now on for this device</source>
        <translation>今後この機器に使う</translation>
    </message>
    <message>
        <source>Begin anew</source>
        <translation>最初から</translation>
    </message>
    <message>
        <source>Forget these scribbles; the curve stays</source>
        <translation>このなぐり描きを忘れる。曲線は残る</translation>
    </message>
    <message>
        <source>Even again</source>
        <translation>まっすぐに戻す</translation>
    </message>
    <message>
        <source>Back to the device&apos;s own pressure</source>
        <translation>機器そのままの筆圧に戻す</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>Leave the feel as it was</source>
        <translation>感触を変えずに閉じる</translation>
    </message>
    <message>
        <source>Draw, and your device is listed here</source>
        <translation>描くと、機器がここに出ます</translation>
    </message>
    <message>
        <source>Fitted to what came so far; drag or type the points if you like it otherwise.</source>
        <translation>ここまでの動きに合わせました。別の感じがよければ、点を動かすか数を入れてください。</translation>
    </message>
    <message>
        <source>The tremor of your hand is learnt from slow lines while you draw.</source>
        <translation>手の震えは、描く間のゆっくりした線から学びます。</translation>
    </message>
    <message>
        <source>a slow line</source>
        <translation>ゆっくりした線1本</translation>
    </message>
    <message numerus="yes">
        <source>%n slow lines</source>
        <translation>
            <numerusform>ゆっくりした線 %n 本</numerusform>
        </translation>
    </message>
    <message>
        <source>The tremor of your hand with this device: {tremor_px:.1f} px, learnt from {strokes}.</source>
        <translation>この機器での手の震え：{tremor_px:.1f} px、{strokes}から。</translation>
    </message>
    <message>
        <source>Guide in numbers</source>
        <translation>ガイドの数値</translation>
    </message>
    <message>
        <source>Colour of this guide</source>
        <translation>このガイドの色</translation>
    </message>
    <message>
        <source>Take a guide in hand: press it in the list.</source>
        <translation>ガイドを手にしてください：一覧で押します。</translation>
    </message>
    <message>
        <source>As all guides</source>
        <translation>ガイド共通</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Change guide</source>
        <translation>ガイドを変更</translation>
    </message>
    <message>
        <source>Colour of the guide</source>
        <translation>ガイドの色</translation>
    </message>
    <message>
        <source>Heat picture of line weight</source>
        <translation>線幅マップ</translation>
    </message>
    <message>
        <source>Blue lines are thin, red ones thick. A figure stands out where its outside is warmer than its inside.</source>
        <translation>青い線は細く、赤い線は太い。外側が内側より赤いと、形が際立ちます。</translation>
    </message>
    <message>
        <source>Length of line by weight</source>
        <translation>太さごとの線の長さ</translation>
    </message>
    <message>
        <source>0 px</source>
        <translation>0 px</translation>
    </message>
    <message>
        <source>{last:.0f} px</source>
        <translation>{last:.0f} px</translation>
    </message>
    <message>
        <source>What this is and does, in the manual (F1)</source>
        <translation>これは何か、手引きで見る（F1）</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>ヘルプ</translation>
    </message>
    <message>
        <source>Palettes (*.txt)</source>
        <translation>パレット (*.txt)</translation>
    </message>
    <message>
        <source>Colour by lightness, chroma and hue</source>
        <translation>明度・彩度・色相で選ぶ色</translation>
    </message>
    <message>
        <source>Ink colour</source>
        <translation>インクの色</translation>
    </message>
    <message>
        <source>sRGB, #rrggbb</source>
        <translation>sRGB, #rrggbb</translation>
    </message>
    <message>
        <source>The colour as sRGB, #rrggbb</source>
        <translation>sRGB の色、#rrggbb</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>前の色</translation>
    </message>
    <message>
        <source>The colour before this one</source>
        <translation>この前の色</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>足す</translation>
    </message>
    <message>
        <source>Add this colour to the palette</source>
        <translation>この色をパレットに足す</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>取る</translation>
    </message>
    <message>
        <source>Take this colour out of the palette</source>
        <translation>この色をパレットから取る</translation>
    </message>
    <message>
        <source>Open a palette</source>
        <translation>パレットを開く</translation>
    </message>
    <message>
        <source>Save…</source>
        <translation>保存…</translation>
    </message>
    <message>
        <source>Save the palette as a text file</source>
        <translation>パレットをテキストファイルに保存</translation>
    </message>
    <message>
        <source>Palette</source>
        <translation>パレット</translation>
    </message>
    <message>
        <source>Used last</source>
        <translation>最近使った色</translation>
    </message>
    <message>
        <source>Save the palette</source>
        <translation>パレットを保存</translation>
    </message>
    <message>
        <source>A colour is typed as #rrggbb, such as #1D2A32.</source>
        <translation>色は #1D2A32 のように #rrggbb で入れます。</translation>
    </message>
    <message>
        <source>Press twice on a line, or Enter, to give it another key; Del takes its key away.</source>
        <translation>行を二度押すか Enter で別のキーに。Del でキーを外す。</translation>
    </message>
    <message>
        <source>press the new key…</source>
        <translation>新しいキーを押す…</translation>
    </message>
    <message>
        <source>Nothing has that in its name or key.</source>
        <translation>名前やキーに、それを含むものはありません。</translation>
    </message>
    <message>
        <source>Find an action or a key</source>
        <translation>操作かキーを探す</translation>
    </message>
    <message>
        <source>Actions and their keys</source>
        <translation>操作とそのキー</translation>
    </message>
    <message>
        <source>Change the key</source>
        <translation>キーを変える</translation>
    </message>
    <message>
        <source>As shipped</source>
        <translation>初期設定</translation>
    </message>
    <message>
        <source>The key this action came with</source>
        <translation>この操作の最初のキー</translation>
    </message>
    <message>
        <source>All as shipped</source>
        <translation>全部を初期設定に</translation>
    </message>
    <message>
        <source>Press the new key of “{action}”; Esc leaves it as it is.</source>
        <translation>「{action}」の新しいキーを押してください。Esc でそのまま。</translation>
    </message>
    <message>
        <source> or </source>
        <comment>between keys</comment>
        <translation> または </translation>
    </message>
    <message>
        <source>{shown}, tap or hold</source>
        <translation>{shown}、押すか押し続ける</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>端</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>模様</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>Dashes</source>
        <translation>破線</translation>
    </message>
    <message>
        <source>Steadiness</source>
        <translation>補正</translation>
    </message>
    <message>
        <source>Library</source>
        <translation>一覧</translation>
    </message>
    <message>
        <source>Points are pairs in per cent, from left to right, such as 0 20; 50 100; 100 20.</source>
        <translation>点は左から右へ、0 20; 50 100; 100 20 のような % の組です。</translation>
    </message>
    <message>
        <source>even</source>
        <translation>均一</translation>
    </message>
    <message>
        <source>The points of the graph: place and width in per cent; a semicolon between points</source>
        <translation>グラフの点：場所と幅を % で。点の間はセミコロン</translation>
    </message>
    <message>
        <source>{words}, points</source>
        <translation>{words}、点</translation>
    </message>
    <message>
        <source>{words}, of the line</source>
        <translation>{words}、線に対して</translation>
    </message>
    <message>
        <source>{words} longer when fast</source>
        <translation>{words} 速いと長く</translation>
    </message>
    <message>
        <source>A pattern of your own: dash, gap, dash, gap ... in widths of the line</source>
        <translation>自分の破線：線、間、線、間… 線幅の何倍かで</translation>
    </message>
    <message>
        <source>Dashes in widths</source>
        <translation>破線、線幅の何倍か</translation>
    </message>
    <message>
        <source>In widths</source>
        <translation>線幅で</translation>
    </message>
    <message>
        <source>Dashes are numbers with commas between them, such as 12, 3.</source>
        <translation>破線は 12, 3 のようにコンマで区切った数です。</translation>
    </message>
    <message>
        <source>nib, thin, for hair</source>
        <translation>つけペン、細い、髪用</translation>
    </message>
    <message>
        <source>Favourite: among the first of the library</source>
        <translation>お気に入り：一覧の先頭に置く</translation>
    </message>
    <message>
        <source>#0E6B62, or nothing</source>
        <translation>#0E6B62、またはなし</translation>
    </message>
    <message>
        <source>A mark beside the pen in the library</source>
        <translation>一覧でペンの横につける印</translation>
    </message>
    <message>
        <source>A mark is a colour such as #0E6B62.</source>
        <translation>印は #0E6B62 のような色です。</translation>
    </message>
    <message>
        <source>width</source>
        <translation>幅</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>インク</translation>
    </message>
    <message>
        <source>softness</source>
        <translation>柔らかさ</translation>
    </message>
    <message>
        <source>spacing</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>turning</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>Nothing moves it; press a cell of its column.</source>
        <translation>動かすものがありません。その列の升を押してください。</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>が変える</translation>
    </message>
    <message>
        <source>does not move</source>
        <translation>は変えない</translation>
    </message>
    <message>
        <source>{what}; press to change it</source>
        <translation>{what}。押すと変わります</translation>
    </message>
    <message>
        <source>Moved by</source>
        <translation>変えるもの</translation>
    </message>
    <message>
        <source>Response</source>
        <translation>反応</translation>
    </message>
    <message>
        <source>Least</source>
        <translation>最小</translation>
    </message>
    <message>
        <source>What is left of it when the mover is at its least</source>
        <translation>変えるものが最小のときに残る量</translation>
    </message>
    <message>
        <source>Response, points</source>
        <translation>反応、点</translation>
    </message>
    <message>
        <source>The points of the graph: input and output in per cent; a semicolon between points</source>
        <translation>グラフの点：入力と出力を % で。点の間はセミコロン</translation>
    </message>
    <message>
        <source>Lying flat</source>
        <translation>寝かせて</translation>
    </message>
    <message>
        <source>x {value:g}</source>
        <translation>x {value:g}</translation>
    </message>
    <message>
        <source>{mover} moves {what}</source>
        <translation>{mover}が{what}を変える</translation>
    </message>
    <message>
        <source>Let {mover} move it</source>
        <translation>{mover}で変える</translation>
    </message>
    <message>
        <source>It is always the same</source>
        <translation>いつも同じ</translation>
    </message>
    <message>
        <source>{what} by {mover} alone</source>
        <translation>{what}を{mover}だけで</translation>
    </message>
    <message>
        <source>Points are pairs in per cent, rising from left to right, such as 0 0; 50 40; 100 100.</source>
        <translation>点は左から右へ上がる、0 0; 50 40; 100 100 のような % の組です。</translation>
    </message>
    <message>
        <source>Pens (*.json)</source>
        <translation>ペン (*.json)</translation>
    </message>
    <message>
        <source>Draw anywhere on this sheet; nothing here is on the page. Ctrl+Z takes back, Del clears.</source>
        <translation>この用紙のどこにでも描けます。ページには残りません。Ctrl+Z で戻し、Del で消します。</translation>
    </message>
    <message>
        <source>Alone</source>
        <translation>単独</translation>
    </message>
    <message>
        <source>Pen maker</source>
        <translation>ペン作り</translation>
    </message>
    <message>
        <source>Shipped pens keep their names; one of your own is renamed here</source>
        <translation>最初からあるペンの名前は変わりません。自分のペンはここで改名</translation>
    </message>
    <message>
        <source>Set this pen back to as shipped</source>
        <translation>このペンを初期設定に戻す</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>外す</translation>
    </message>
    <message>
        <source>Take this pen out of the library</source>
        <translation>このペンを一覧から外す</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>やめる</translation>
    </message>
    <message>
        <source>Back to how this pen is in the library</source>
        <translation>一覧にあるとおりのペンに戻す</translation>
    </message>
    <message>
        <source>Change this pen in the library</source>
        <translation>一覧のこのペンを変える</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>読み込み…</translation>
    </message>
    <message>
        <source>Add the pens of a file to the library</source>
        <translation>ファイルのペンを一覧に足す</translation>
    </message>
    <message>
        <source>Write this pen to a file</source>
        <translation>このペンをファイルに書く</translation>
    </message>
    <message>
        <source>Save as new…</source>
        <translation>新しく保存…</translation>
    </message>
    <message>
        <source>Add a copy to the library under another name</source>
        <translation>別の名前のコピーを一覧に足す</translation>
    </message>
    <message>
        <source>What is changed and not kept is here again the next time</source>
        <translation>変えて残していないものは、次もここにあります</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>隣に</translation>
    </message>
    <message>
        <source>The same motion with another pen, or with this one as shipped, below the line</source>
        <translation>同じ動きを、別のペンか初期設定のこのペンで、線の下に</translation>
    </message>
    <message>
        <source>My last line</source>
        <translation>最後の線</translation>
    </message>
    <message>
        <source>Draw the line by the motion of the last stroke on this sheet</source>
        <translation>この用紙の最後のストロークの動きで線を描く</translation>
    </message>
    <message>
        <source>As it is kept</source>
        <translation>残してあるもの</translation>
    </message>
    <message>
        <source>changed, not kept</source>
        <translation>変更あり、まだ残していない</translation>
    </message>
    <message>
        <source>not as shipped</source>
        <translation>初期設定と違う</translation>
    </message>
    <message>
        <source>There is a pen “{name}” already; give this one another name.</source>
        <translation>「{name}」というペンはもうあります。別の名前にしてください。</translation>
    </message>
    <message>
        <source>“{name}” is changed in the library.</source>
        <translation>一覧の「{name}」を変えました。</translation>
    </message>
    <message>
        <source>Save as new</source>
        <translation>新しく保存</translation>
    </message>
    <message>
        <source>{name}, mine</source>
        <translation>{name}、自分用</translation>
    </message>
    <message>
        <source>“{name}” is in the library, and in your hand.</source>
        <translation>「{name}」は一覧と手の中にあります。</translation>
    </message>
    <message>
        <source>Import pens</source>
        <translation>ペンの読み込み</translation>
    </message>
    <message numerus="yes">
        <source>%n pen(s) added.</source>
        <translation>
            <numerusform>%n 本のペンを足しました。</numerusform>
        </translation>
    </message>
    <message>
        <source>Export this pen</source>
        <translation>このペンを書き出す</translation>
    </message>
    <message>
        <source>“{name}” is in “{file}”.</source>
        <translation>「{name}」は「{file}」にあります。</translation>
    </message>
    <message>
        <source>smooth paper</source>
        <translation>なめらか</translation>
    </message>
    <message>
        <source>fine paper</source>
        <translation>細目</translation>
    </message>
    <message>
        <source>rough paper</source>
        <translation>荒目</translation>
    </message>
    <message>
        <source>round ends</source>
        <translation>丸い端</translation>
    </message>
    <message>
        <source>starts thin</source>
        <translation>入りが細い</translation>
    </message>
    <message>
        <source>ends thin</source>
        <translation>抜けが細い</translation>
    </message>
    <message>
        <source>both taper</source>
        <translation>両方細い</translation>
    </message>
    <message>
        <source>a line</source>
        <translation>線</translation>
    </message>
    <message>
        <source>cord</source>
        <translation>ひも</translation>
    </message>
    <message>
        <source>my own</source>
        <translation>自作</translation>
    </message>
    <message>
        <source>Pull along the line: where it has grown to its full width</source>
        <translation>線に沿って引く：いっぱいの幅になる所</translation>
    </message>
    <message>
        <source>Pull along the line: where it begins to fade</source>
        <translation>線に沿って引く：細くなり始める所</translation>
    </message>
    <message>
        <source>Pull across the line: how thick it gets</source>
        <translation>線を横切って引く：どこまで太くなるか</translation>
    </message>
    <message>
        <source>Pull across the line: how thick the lightest touch is</source>
        <translation>線を横切って引く：いちばん軽いときの太さ</translation>
    </message>
    <message>
        <source>Pull across the line: how soon it swells</source>
        <translation>線を横切って引く：どれだけ早くふくらむか</translation>
    </message>
    <message>
        <source>Pull up or down: how much it covers</source>
        <translation>上下に引く：どれだけ濃くおおうか</translation>
    </message>
    <message>
        <source>Pull up or down: how much the line is steadied after the lift; the thin line is how the hand moved</source>
        <translation>上下に引く：ペンを上げた後どれだけ補正するか。細い線は手の動き</translation>
    </message>
    <message>
        <source>Specimen line</source>
        <translation>見本の線</translation>
    </message>
    <message>
        <source>below: {name}, {size_px:g} px</source>
        <translation>下：{name}、{size_px:g} px</translation>
    </message>
    <message>
        <source>shown at {zoom:.0f} %</source>
        <translation>{zoom:.0f} % で表示</translation>
    </message>
    <message>
        <source>The manual is not here. It comes with the source, in the folder docs.</source>
        <translation>手引きがありません。ソースの docs フォルダーに入っています。</translation>
    </message>
    <message>
        <source>Find in the manual</source>
        <translation>手引きの中を探す</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>ページ</translation>
    </message>
    <message>
        <source>Page of the manual</source>
        <translation>手引きのページ</translation>
    </message>
    <message>
        <source>“{wanted}” does not stand in the manual.</source>
        <translation>「{wanted}」は手引きにありません。</translation>
    </message>
    <message>
        <source>Nothing is kept yet. Keep the page as it is now, and it can be looked at and gone back to at any time.</source>
        <translation>まだ何も残していません。今のページを残すと、いつでも見たり戻ったりできます。</translation>
    </message>
    <message>
        <source>Milestones</source>
        <translation>節目</translation>
    </message>
    <message>
        <source>Name, if it needs one</source>
        <translation>名前、必要なら</translation>
    </message>
    <message>
        <source>Name of a new milestone, or of the chosen one</source>
        <translation>新しい節目、または選んだ節目の名前</translation>
    </message>
    <message>
        <source>Keep the page as it is now</source>
        <translation>今のページを残す</translation>
    </message>
    <message>
        <source>Name it</source>
        <translation>名前をつける</translation>
    </message>
    <message>
        <source>Give the chosen milestone this name</source>
        <translation>選んだ節目にこの名前をつける</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Give the chosen milestone up</source>
        <translation>選んだ節目を捨てる</translation>
    </message>
    <message>
        <source>Thin out</source>
        <translation>間引く</translation>
    </message>
    <message>
        <source>Of those kept by the clock, leave one an hour for a day, one a day for a month, then one a week</source>
        <translation>時計で残したもののうち、1日は1時間に1つ、1か月は1日に1つ、その後は週に1つ残す</translation>
    </message>
    <message>
        <source>By the clock</source>
        <translation>時計で</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>そのとき</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>今</translation>
    </message>
    <message>
        <source>Both move together: drag, or turn the wheel.</source>
        <translation>両方が一緒に動きます：ドラッグかホイールで。</translation>
    </message>
    <message>
        <source>Go back to this</source>
        <translation>ここに戻る</translation>
    </message>
    <message>
        <source>As a step that can be undone</source>
        <translation>元に戻せる1段として</translation>
    </message>
    <message numerus="yes">
        <source>%n kept</source>
        <comment>milestones</comment>
        <translation>
            <numerusform>%n 件</numerusform>
        </translation>
    </message>
    <message>
        <source>by the clock</source>
        <translation>時計</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>手</translation>
    </message>
    <message>
        <source>{name}, being read</source>
        <translation>{name}、読み込み中</translation>
    </message>
    <message>
        <source>OpenRaster, layered</source>
        <translation>OpenRaster、レイヤーつき</translation>
    </message>
    <message>
        <source>As large as the page</source>
        <translation>ページと同じ大きさ</translation>
    </message>
    <message>
        <source>The longest side has at most so many px; 0: as large as the page</source>
        <translation>長辺の px の上限。0：ページと同じ大きさ</translation>
    </message>
    <message>
        <source>What follows the page&apos;s name in the name of the file</source>
        <translation>ファイル名で、ページの名前の後につくもの</translation>
    </message>
    <message>
        <source>Longest side</source>
        <translation>長辺</translation>
    </message>
    <message>
        <source>Ending</source>
        <translation>語尾</translation>
    </message>
    <message>
        <source>New order</source>
        <translation>新しい注文</translation>
    </message>
    <message>
        <source>Bring back the orders that came with Jotsk</source>
        <translation>Jotsk に最初からある注文を戻す</translation>
    </message>
    <message>
        <source>{name}
OpenRaster with its layers</source>
        <translation>{name}
OpenRaster、レイヤーつき</translation>
    </message>
    <message>
        <source>{mm_wide:.0f} x {mm_high:.0f} mm</source>
        <translation>{mm_wide:.0f} x {mm_high:.0f} mm</translation>
    </message>
    <message>
        <source>{width} x {height} px</source>
        <translation>{width} x {height} px</translation>
    </message>
    <message>
        <source>no pixels</source>
        <translation>ピクセルなし</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to look at</source>
        <translation>
            <numerusform>確かめること %n 件</numerusform>
        </translation>
    </message>
    <message>
        <source>No orders. New order begins one, As shipped brings back those that came with Jotsk.</source>
        <translation>注文がありません。「新しい注文」で始めるか、「初期設定」で最初の注文を戻します。</translation>
    </message>
    <message numerus="yes">
        <source>Write %n file(s)…</source>
        <translation>
            <numerusform>%n 個のファイルを書き出す…</numerusform>
        </translation>
    </message>
    <message>
        <source>Two of the ticked orders would be the same file; give them endings of their own.</source>
        <translation>選んだ注文の2つが同じファイルになります。それぞれの語尾をつけてください。</translation>
    </message>
    <message>
        <source>A size of your own</source>
        <translation>自分の大きさ</translation>
    </message>
    <message>
        <source>A bleed needs a trim: without one nothing is cut, and there is nothing for the ink to go beyond.</source>
        <translation>裁ち落としには仕上がり線が必要です。なければ何も切られず、インクがはみ出す先もありません。</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>インチ</translation>
    </message>
    <message>
        <source>Above</source>
        <translation>上</translation>
    </message>
    <message>
        <source>left</source>
        <translation>左</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>中央</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>中央</translation>
    </message>
    <message>
        <source>Below</source>
        <translation>下</translation>
    </message>
    <message>
        <source>right</source>
        <translation>右</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>単位</translation>
    </message>
    <message>
        <source>Lying</source>
        <translation>横向き</translation>
    </message>
    <message>
        <source>From the edge of the page to where it will be cut</source>
        <translation>ページの端から、断ち切る所まで</translation>
    </message>
    <message>
        <source>How far ink goes on beyond the cut</source>
        <translation>断ち切りの外へインクを伸ばす長さ</translation>
    </message>
    <message>
        <source>From the cut to where nothing will be cut</source>
        <translation>断ち切りから、切られない所まで</translation>
    </message>
    <message>
        <source>White</source>
        <translation>白</translation>
    </message>
    <message>
        <source>Colour of the paper</source>
        <translation>紙の色</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>Width x height</source>
        <translation>幅 x 高さ</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>解像度</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>紙</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>仕上がり</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>裁ち落とし</translation>
    </message>
    <message>
        <source>Safe</source>
        <translation>安全枠</translation>
    </message>
    <message>
        <source>Make the page</source>
        <translation>ページを作る</translation>
    </message>
    <message>
        <source>{megapixels:.1f} million px; a layer with ink on a third of it takes about {megabytes:.0f} MB.</source>
        <translation>{megapixels:.1f} 百万 px。その3分の1にインクのあるレイヤーは約 {megabytes:.0f} MB。</translation>
    </message>
    <message>
        <source>Page size</source>
        <translation>ページの大きさ</translation>
    </message>
    <message>
        <source>Where the drawing stays</source>
        <translation>絵を残す位置</translation>
    </message>
    <message>
        <source>The drawing stays</source>
        <translation>絵の位置</translation>
    </message>
    <message>
        <source>Another width or height adds or cuts paper around the drawing. Another resolution keeps the size on paper; ink is rendered anew from its strokes, and only paint is resampled.</source>
        <translation>幅や高さを変えると、絵のまわりの紙が増減します。解像度を変えても紙の上の大きさは同じです。インクはストロークから描き直され、ペイントだけが補間されます。</translation>
    </message>
    <message>
        <source>Change the page</source>
        <translation>ページを変える</translation>
    </message>
    <message>
        <source>Draw a sheet of parallel lines: then the rose shows the directions your hand is steadiest in.</source>
        <translation>平行線の用紙を描くと、手がいちばん安定する向きが表示されます。</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>用紙</translation>
    </message>
    <message>
        <source>Draw this sheet</source>
        <translation>この用紙を描く</translation>
    </message>
    <message>
        <source>Warm up, five minutes</source>
        <translation>準備運動、5分</translation>
    </message>
    <message>
        <source>Five sheets, made of what went worst</source>
        <translation>苦手なものからの5枚</translation>
    </message>
    <message>
        <source>Measure pages at work too</source>
        <translation>作業中のページも測る</translation>
    </message>
    <message>
        <source>Quietly: wobble and speed of straight lines</source>
        <translation>静かに：直線のぶれと速さ</translation>
    </message>
    <message>
        <source>Show the diary</source>
        <translation>日誌を見る</translation>
    </message>
    <message>
        <source>A table (CSV) that is yours: {path}</source>
        <translation>あなたの表（CSV）：{path}</translation>
    </message>
    <message>
        <source>Number over days</source>
        <translation>日ごとの数</translation>
    </message>
    <message>
        <source>Take this steadiness</source>
        <translation>この補正にする</translation>
    </message>
    <message>
        <source>Your hand</source>
        <translation>あなたの手</translation>
    </message>
    <message>
        <source>Your hand is steadiest at {best:.0f}°, counted from the right against the clock. “Turn for the next line” in the View menu turns the page for it.</source>
        <translation>手がいちばん安定するのは、右から反時計回りに {best:.0f}° です。「表示」メニューの「次の線のために回す」でページが回ります。</translation>
    </message>
    <message>
        <source>What went worst: {what}. The warm-up begins with it.</source>
        <translation>いちばん苦手：{what}。準備運動はそこから始まります。</translation>
    </message>
    <message>
        <source>By your wobble, a steadiness after the lift of about {steadiness} suits you.</source>
        <translation>あなたのぶれには、描いた後の補正 {steadiness} くらいが合います。</translation>
    </message>
    <message>
        <source>{where}: the hand is {with_it:.2f} mm off with steadiness, {without:.2f} mm without.</source>
        <translation>{where}：手のずれは補正ありで {with_it:.2f} mm、なしで {without:.2f} mm。</translation>
    </message>
    <message>
        <source>At work</source>
        <translation>作業中</translation>
    </message>
    <message>
        <source>with steadiness</source>
        <translation>補正あり</translation>
    </message>
    <message>
        <source>As they are</source>
        <translation>今のまま</translation>
    </message>
    <message>
        <source>Recast the lines</source>
        <translation>線の作り直し</translation>
    </message>
    <message>
        <source>The ink in the hand</source>
        <translation>手にしたインク</translation>
    </message>
    <message>
        <source>Width by {driver}</source>
        <translation>{driver}で幅</translation>
    </message>
    <message>
        <source>Even width</source>
        <translation>均一な幅</translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <translation>
            <numerusform>%n 本の線</numerusform>
        </translation>
    </message>
    <message>
        <source>One line</source>
        <translation>1本の線</translation>
    </message>
    <message>
        <source>Recast</source>
        <translation>作り直す</translation>
    </message>
    <message>
        <source>Nothing yet: pages that are saved or opened appear here, and those that are left with unsaved work.</source>
        <translation>まだありません。保存したり開いたりしたページや、保存前の作業が残るページがここに出ます。</translation>
    </message>
    <message>
        <source>Recent pages</source>
        <translation>最近のページ</translation>
    </message>
    <message>
        <source>{title}
not saved, {when}</source>
        <translation>{title}
未保存、{when}</translation>
    </message>
    <message>
        <source>Left with unsaved work; open it to go on</source>
        <translation>保存前の作業があります。開いて続けられます</translation>
    </message>
    <message>
        <source>Scratch</source>
        <translation>試し描き</translation>
    </message>
    <message>
        <source>Measure the screen</source>
        <translation>画面を測る</translation>
    </message>
    <message>
        <source>Hold a bank card to the screen and move the handle until the frame is as large as the card. Or measure the frame&apos;s width with a ruler and type it.</source>
        <translation>カードを画面に当て、枠がカードと同じ大きさになるまでハンドルを動かします。または枠の幅を定規で測り、数を入れます。</translation>
    </message>
    <message>
        <source>Size of the frame</source>
        <translation>枠の大きさ</translation>
    </message>
    <message>
        <source>The frame&apos;s width by a ruler</source>
        <translation>定規で測った枠の幅</translation>
    </message>
    <message>
        <source>How wide the frame is by a ruler</source>
        <translation>定規で測ると枠の幅はいくつか</translation>
    </message>
    <message>
        <source>85.60 x 53.98 mm</source>
        <translation>85.60 x 53.98 mm</translation>
    </message>
    <message>
        <source>Settings of Jotsk (*.json)</source>
        <translation>Jotsk の設定 (*.json)</translation>
    </message>
    <message>
        <source>No setting has that in its words.</source>
        <translation>その言葉を含む設定はありません。</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>設定</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>設定を探す</translation>
    </message>
    <message>
        <source>Write all settings, your pens and your palette to a file</source>
        <translation>設定、ペン、パレットを全部ファイルに書く</translation>
    </message>
    <message>
        <source>Take all settings, pens and colours of such a file</source>
        <translation>そのファイルの設定、ペン、色を全部使う</translation>
    </message>
    <message>
        <source>Set everything on this sheet back; your pens and pages stay</source>
        <translation>この用紙を全部元に戻す。ペンとページは残る</translation>
    </message>
    <message>
        <source>Show the folder</source>
        <translation>フォルダーを見る</translation>
    </message>
    <message>
        <source>Export all settings</source>
        <translation>すべての設定を書き出す</translation>
    </message>
    <message>
        <source>All settings are in “{name}”.</source>
        <translation>すべての設定は「{name}」にあります。</translation>
    </message>
    <message>
        <source>Import settings</source>
        <translation>設定の読み込み</translation>
    </message>
    <message>
        <source>Set everything on this sheet back to as shipped, keys too? Your pens and pages stay.</source>
        <translation>この用紙を、キーも含めて全部初期設定に戻しますか。ペンとページは残ります。</translation>
    </message>
    <message>
        <source>leak</source>
        <translation>漏れ</translation>
    </message>
    <message>
        <source>tangent</source>
        <translation>接触</translation>
    </message>
    <message>
        <source>weak outline</source>
        <translation>弱い輪郭</translation>
    </message>
    <message>
        <source>stray mark</source>
        <translation>迷い線</translation>
    </message>
    <message numerus="yes">
        <source>%n leak(s)</source>
        <translation>
            <numerusform>漏れ %n か所</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tangent(s)</source>
        <translation>
            <numerusform>接触 %n か所</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n weak outline(s)</source>
        <translation>
            <numerusform>弱い輪郭 %n か所</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wobble(s)</source>
        <translation>
            <numerusform>ぶれ %n か所</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stray mark(s)</source>
        <translation>
            <numerusform>迷い線 %n か所</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is wrong with this page, as far as can be measured.</source>
        <translation>測れるかぎり、このページに問題はありません。</translation>
    </message>
    <message>
        <source>Checking the page</source>
        <translation>ページを点検中</translation>
    </message>
    <message>
        <source>Nothing was found yet; check the page first.</source>
        <translation>まだ何も見つかっていません。先にページを点検してください。</translation>
    </message>
    <message>
        <source>This is mended by hand; or let it be.</source>
        <translation>これは手で直します。または、このままに。</translation>
    </message>
    <message>
        <source>Nothing of this kind was found.</source>
        <translation>この種類は見つかりませんでした。</translation>
    </message>
    <message>
        <source>Check the page first (F9).</source>
        <translation>先にページを点検してください（F9）。</translation>
    </message>
    <message>
        <source>Mend the {finding}</source>
        <translation>{finding}を直す</translation>
    </message>
    <message>
        <source>Mend every {finding}</source>
        <translation>{finding}を全部直す</translation>
    </message>
    <message>
        <source>There is not enough memory for this; the page is as it was.</source>
        <translation>メモリーが足りません。ページはそのままです。</translation>
    </message>
    <message>
        <source>“{label}” did not work because of a fault in Jotsk; the page is as it was.</source>
        <translation>Jotsk の不具合で「{label}」ができませんでした。ページはそのままです。</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>ストローク</translation>
    </message>
    <message>
        <source>The page was changed meanwhile, so it stays as it is.</source>
        <translation>その間にページが変わったので、そのままにします。</translation>
    </message>
    <message>
        <source>Going through the history</source>
        <translation>履歴をたどっています</translation>
    </message>
    <message>
        <source>The page was changed meanwhile, so “{label}” was not done.</source>
        <translation>その間にページが変わったので、「{label}」はしていません。</translation>
    </message>
    <message>
        <source>An area is open now and stays as it was; close its lines, or freeze it.</source>
        <translation>面が1つ開き、形は前のままです。線を閉じるか、固定してください。</translation>
    </message>
    <message numerus="yes">
        <source>%n areas are open now and stay as they were; close their lines, or freeze them.</source>
        <translation>
            <numerusform>面が %n 個開き、形は前のままです。線を閉じるか、固定してください。</numerusform>
        </translation>
    </message>
    <message>
        <source>Finding the area</source>
        <translation>面を探しています</translation>
    </message>
    <message>
        <source>Steady the line</source>
        <translation>線を補正</translation>
    </message>
    <message>
        <source>Settle the line</source>
        <translation>線を形に</translation>
    </message>
    <message>
        <source>A group has no effects of its own; give them to its layers.</source>
        <translation>グループ自身には効果がありません。中のレイヤーにつけてください。</translation>
    </message>
    <message>
        <source>Add effect</source>
        <translation>効果を足す</translation>
    </message>
    <message>
        <source>Show inside</source>
        <translation>中だけ表示</translation>
    </message>
    <message>
        <source>Add layer</source>
        <translation>レイヤーを足す</translation>
    </message>
    <message>
        <source>Move layer</source>
        <translation>レイヤーを移動</translation>
    </message>
    <message>
        <source>Flip the layer</source>
        <translation>レイヤーを反転</translation>
    </message>
    <message>
        <source>Light of the page</source>
        <translation>ページの光</translation>
    </message>
    <message>
        <source>There are no copies to part; choose lines that were drawn with symmetry.</source>
        <translation>分ける複製がありません。対称で描いた線を選んでください。</translation>
    </message>
    <message numerus="yes">
        <source>Add %n pictures</source>
        <translation>
            <numerusform>画像を %n 枚足す</numerusform>
        </translation>
    </message>
    <message>
        <source>Add picture</source>
        <translation>画像を足す</translation>
    </message>
    <message>
        <source>Place the picture</source>
        <translation>画像を配置</translation>
    </message>
    <message>
        <source>Move what is inside</source>
        <translation>中を動かす</translation>
    </message>
    <message>
        <source> (its ink {inked:.2f})</source>
        <translation>（インクは {inked:.2f}）</translation>
    </message>
    <message>
        <source>{figure} {now} {unit}, with steadiness {then}{ink}</source>
        <translation>{figure} {now} {unit}、補正あり {then}{ink}</translation>
    </message>
    <message>
        <source>before the end</source>
        <translation>手前で終わる</translation>
    </message>
    <message>
        <source>There is no line to change; draw one, or choose some.</source>
        <translation>変える線がありません。描くか、選んでください。</translation>
    </message>
    <message>
        <source>There is no line to find others at; draw one, or choose one.</source>
        <translation>ほかを探すもとの線がありません。描くか、選んでください。</translation>
    </message>
    <message>
        <source>No line lies in there.</source>
        <translation>そこには線がありません。</translation>
    </message>
    <message>
        <source>Choose parts</source>
        <translation>一部を選ぶ</translation>
    </message>
    <message>
        <source>There is no line to find others like it; draw one, or choose one.</source>
        <translation>似た線を探すもとの線がありません。描くか、選んでください。</translation>
    </message>
    <message>
        <source>the line</source>
        <comment>part of a label</comment>
        <translation>線</translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <comment>part of a label</comment>
        <translation>
            <numerusform>%n 本の線</numerusform>
        </translation>
    </message>
    <message>
        <source>There is no line to flip; draw one, or choose some.</source>
        <translation>反転する線がありません。描くか、選んでください。</translation>
    </message>
    <message>
        <source>Flip the line upside down</source>
        <translation>線を上下反転</translation>
    </message>
    <message>
        <source>Flip the line</source>
        <translation>線を反転</translation>
    </message>
    <message>
        <source>Colour of the line</source>
        <translation>線の色</translation>
    </message>
    <message>
        <source>Delete lines</source>
        <translation>線を削除</translation>
    </message>
    <message>
        <source>A set needs a name.</source>
        <translation>組には名前が必要です。</translation>
    </message>
    <message>
        <source>The guides are kept as “{name}”; the plus above the guides has them for other pages.</source>
        <translation>ガイドを「{name}」として残しました。ガイドの上のプラスから、ほかのページでも使えます。</translation>
    </message>
    <message>
        <source>This lies outside a 60 degree cone of vision, where things look stretched; vanishing points farther apart make it wider.</source>
        <translation>60度の視円錐の外で、形が伸びて見えます。消失点を離すと広がります。</translation>
    </message>
    <message>
        <source>“{name}” cannot be drawn where it lies, so it is switched off and hidden.</source>
        <translation>「{name}」は今の位置では描けないので、切って隠しました。</translation>
    </message>
    <message>
        <source>A page has room for {most_guides} guides; delete one you no longer need.</source>
        <translation>ガイドは1ページに {most_guides} 個までです。いらないものを消してください。</translation>
    </message>
    <message>
        <source>Add {guide}</source>
        <translation>{guide}を足す</translation>
    </message>
    <message>
        <source>Add french curve</source>
        <translation>雲形定規を足す</translation>
    </message>
    <message>
        <source>The guide stays as it is: {error}.</source>
        <translation>ガイドはそのままです：{error}。</translation>
    </message>
    <message>
        <source>There is no guide to hold alone; add one, or press it in the list.</source>
        <translation>これだけで支えるガイドがありません。足すか、一覧で押してください。</translation>
    </message>
    <message>
        <source>Flip guide</source>
        <translation>ガイドを反転</translation>
    </message>
    <message>
        <source>Delete guide</source>
        <translation>ガイドを削除</translation>
    </message>
    <message>
        <source>Duplicate guide</source>
        <translation>ガイドを複製</translation>
    </message>
    <message>
        <source>Add perspective</source>
        <translation>遠近を足す</translation>
    </message>
    <message>
        <source>Add vanishing point</source>
        <translation>消失点を足す</translation>
    </message>
    <message>
        <source>A guide of another program</source>
        <translation>別のプログラムのガイド</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>単独</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>“{name}” is from another version of Jotsk: it opened as pixels; save it as a new file.</source>
        <translation>「{name}」は別の版の Jotsk のもので、ピクセルとして開きました。新しいファイルに保存してください。</translation>
    </message>
    <message>
        <source>Opening {name}</source>
        <translation>{name} を開いています</translation>
    </message>
    <message numerus="yes">
        <source>%n pictures</source>
        <translation>
            <numerusform>%n 枚の画像</numerusform>
        </translation>
    </message>
    <message>
        <source>Opening {what}</source>
        <translation>{what}を開いています</translation>
    </message>
    <message>
        <source>“{name}” was not written: it holds strokes of another version of Jotsk, which would be lost. Save under another name.</source>
        <translation>「{name}」は書き込まれていません：別の版の Jotsk のストロークが失われます。別の名前で保存してください。</translation>
    </message>
    <message>
        <source>Saved “{name}”.</source>
        <translation>「{name}」を保存しました。</translation>
    </message>
    <message>
        <source>Saving {name}</source>
        <translation>{name} を保存中</translation>
    </message>
    <message>
        <source>Exporting {name}</source>
        <translation>{name} を書き出し中</translation>
    </message>
    <message>
        <source>Wrote “{name}”.</source>
        <translation>「{name}」を書き出しました。</translation>
    </message>
    <message>
        <source>Handing over {stem}</source>
        <translation>{stem} を入稿中</translation>
    </message>
    <message>
        <source>Wrote {names}.</source>
        <translation>{names}を書き出しました。</translation>
    </message>
    <message>
        <source>{title} is still going on; try again when it is done.</source>
        <translation>{title}：まだ途中です。終わってからもう一度どうぞ。</translation>
    </message>
    <message>
        <source>Too much waits already; try again when some of it is done.</source>
        <translation>待っているものが多すぎます。少し終わってからもう一度どうぞ。</translation>
    </message>
    <message>
        <source>{title} was stopped; nothing was changed.</source>
        <translation>{title}：中止しました。何も変わっていません。</translation>
    </message>
    <message>
        <source>{title} did not work because of a fault in Jotsk; the page is as it was.</source>
        <translation>{title}：Jotsk の不具合で、できませんでした。ページはそのままです。</translation>
    </message>
    <message>
        <source>it is larger than a file of settings can be</source>
        <translation>設定のファイルには大きすぎます</translation>
    </message>
    <message>
        <source>it holds no settings</source>
        <translation>設定が入っていません</translation>
    </message>
    <message>
        <source>a pen or a colour in it makes no sense ({error})</source>
        <translation>ペンか色が正しくありません（{error}）</translation>
    </message>
    <message>
        <source>{key} is the key of “{action}” already.</source>
        <translation>{key} はもう「{action}」のキーです。</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>黒</translation>
    </message>
    <message>
        <source>Sepia</source>
        <translation>セピア</translation>
    </message>
    <message>
        <source>Oxblood</source>
        <translation>えび茶</translation>
    </message>
    <message>
        <source>Prussian</source>
        <translation>紺青</translation>
    </message>
    <message>
        <source>Pine</source>
        <translation>松葉</translation>
    </message>
    <message>
        <source>{error} The shipped pens are here; the file is kept beside as pens.damaged.json.</source>
        <translation>{error} 最初からあるペンを使えます。ファイルは pens.damaged.json として隣に残しました。</translation>
    </message>
    <message>
        <source>A pen needs a name.</source>
        <translation>ペンには名前が必要です。</translation>
    </message>
    <message>
        <source>Shipped pens stay in the library; they can be changed, and set back to as shipped.</source>
        <translation>最初からあるペンは外せません。変えることも、初期設定に戻すこともできます。</translation>
    </message>
    <message>
        <source>The disk is slow; the work is not kept yet.</source>
        <translation>ディスクが遅く、作業がまだ残せていません。</translation>
    </message>
    <message>
        <source>The journal failed because of a fault in Jotsk; save the page to be safe.</source>
        <translation>Jotsk の不具合で控えが書けません。念のためページを保存してください。</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: {reason}. It is tried again; save often.</source>
        <translation>作業中の内容を残せません：{reason}。続けて試します。こまめに保存してください。</translation>
    </message>
    <message>
        <source>Keeping a milestone</source>
        <translation>節目を残しています</translation>
    </message>
    <message>
        <source>Reading a milestone</source>
        <translation>節目を読んでいます</translation>
    </message>
    <message>
        <source>Back to a milestone</source>
        <translation>節目に戻る</translation>
    </message>
    <message>
        <source>The milestones could not be put beside the page: {reason}.</source>
        <translation>節目をページの隣に置けませんでした：{reason}。</translation>
    </message>
    <message>
        <source>Work that was kept cannot be read just now: {}. It stays where it is, and is tried again.</source>
        <translation>残した作業を今は読めません：{}。そのままにして、また試します。</translation>
    </message>
    <message>
        <source>Kept page</source>
        <translation>残したページ</translation>
    </message>
    <message>
        <source>it is damaged; what is left of the page is kept beside it as {aside}</source>
        <translation>壊れています。ページの残りは隣に {aside} として残しました</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: {reason}. Save often.</source>
        <translation>作業中の内容を残せません：{reason}。こまめに保存してください。</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: another window has this page. Save often.</source>
        <translation>作業中の内容を残せません：別の窓がこのページを使っています。こまめに保存してください。</translation>
    </message>
    <message>
        <source>the file it leans on is gone</source>
        <translation>もとになるファイルがありません</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>点検</translation>
    </message>
    <message>
        <source>Find leaks and weak lines before the printer does</source>
        <translation>印刷の前に漏れや弱い線を見つける</translation>
    </message>
    <message>
        <source>Spot blacks and lay flats</source>
        <translation>ベタと下塗りを置く</translation>
    </message>
    <message>
        <source>Write the page as whoever gets it needs it</source>
        <translation>受け取る人に合わせてページを書き出す</translation>
    </message>
    <message>
        <source>Draw the lines that stay</source>
        <translation>残る線を描く</translation>
    </message>
    <message>
        <source>Change lines that are there</source>
        <translation>描いた線を直す</translation>
    </message>
    <message>
        <source>Rough the page out in pencil</source>
        <translation>鉛筆でページを下描きする</translation>
    </message>
    <message>
        <source>Drag a line over an edge of the sketch, then over another that is parallel to it in reality.</source>
        <translation>下描きの辺の上に線を引き、次に、実際にそれと平行な別の辺の上に引いてください。</translation>
    </message>
    <message>
        <source>One vanishing point. Two more edges give the second; Esc ends.</source>
        <translation>消失点が1つできました。あと2本で2つ目。Esc で終わり。</translation>
    </message>
    <message>
        <source>Fill the area</source>
        <translation>面を塗る</translation>
    </message>
    <message>
        <source>Rub out the area</source>
        <translation>面を消す</translation>
    </message>
    <message>
        <source>Copy the area</source>
        <translation>面をコピー</translation>
    </message>
    <message>
        <source>Areas are filled with this pattern now.</source>
        <translation>面はこのパターンで塗られます。</translation>
    </message>
    <message>
        <source>Press where the light stands; blacks, hatching and gradients run out towards it.</source>
        <translation>光のある所を押してください。ベタ、ハッチング、グラデーションが光に向かって抜けます。</translation>
    </message>
    <message>
        <source>No closed area lies in there.</source>
        <translation>そこには閉じた面がありません。</translation>
    </message>
    <message>
        <source>Fill areas</source>
        <translation>面を塗る</translation>
    </message>
    <message>
        <source>Join and fill</source>
        <translation>つないで塗る</translation>
    </message>
    <message>
        <source>There is no line to join there; close the gap by hand.</source>
        <translation>そこにはつなぐ線がありません。手で閉じてください。</translation>
    </message>
    <message>
        <source>Swipe over two areas or more.</source>
        <translation>2つ以上の面の上をなぞってください。</translation>
    </message>
    <message>
        <source>No line lies there.</source>
        <translation>そこには線がありません。</translation>
    </message>
    <message>
        <source>There are no two ends near enough; swipe over the gap, or let the hand reach farther.</source>
        <translation>近い端が2つありません。すき間をなぞるか、手の届く範囲を広げてください。</translation>
    </message>
    <message>
        <source>A splice takes two lines or more; swipe along the tries that are to become one.</source>
        <translation>つなぎ合わせには2本以上の線が必要です。1本にする描き直しに沿ってなぞってください。</translation>
    </message>
    <message>
        <source>There is no line to move; draw one, or choose some.</source>
        <translation>動かす線がありません。描くか、選んでください。</translation>
    </message>
    <message>
        <source>Drag inside to move, a corner to scale, a side to stretch or skew, the ring to turn. Ctrl leaves a copy.</source>
        <translation>中をドラッグで移動、角で拡大、辺で伸ばすか傾け、輪で回転。Ctrl でコピー。</translation>
    </message>
    <message>
        <source>Copy the lines</source>
        <translation>線をコピー</translation>
    </message>
    <message>
        <source>Move the lines</source>
        <translation>線を動かす</translation>
    </message>
    <message>
        <source>Nothing was moved yet that could be done once more.</source>
        <translation>くり返せる移動がまだありません。</translation>
    </message>
    <message>
        <source>Corners must not be folded over; drag them apart.</source>
        <translation>角が折り重なっています。離してください。</translation>
    </message>
    <message>
        <source>Drag points; press the line for another, with Alt to take one away, with Shift for a corner; bars are weight.</source>
        <translation>点をドラッグ。線を押すと点が増え、Alt で減り、Shift で角に。棒は太さ。</translation>
    </message>
    <message>
        <source>Press a line to see its points.</source>
        <translation>線を押すと点が見えます。</translation>
    </message>
    <message>
        <source>no line</source>
        <translation>線なし</translation>
    </message>
    <message>
        <source>{count} points, moves {moves:.1f} px</source>
        <translation>{count} 点、{moves:.1f} px 動く</translation>
    </message>
    <message>
        <source>The ends of a line stay; snip it to make it shorter.</source>
        <translation>線の端は残ります。短くするには刈り込んでください。</translation>
    </message>
    <message>
        <source>Take a point away</source>
        <translation>点を取る</translation>
    </message>
    <message>
        <source>Smooth the point</source>
        <translation>点をなめらかに</translation>
    </message>
    <message>
        <source>Corner at the point</source>
        <translation>点を角に</translation>
    </message>
    <message>
        <source>Weight of the point</source>
        <translation>点の太さ</translation>
    </message>
    <message>
        <source>Move the point</source>
        <translation>点を動かす</translation>
    </message>
    <message>
        <source>Simplify the line</source>
        <translation>線を単純に</translation>
    </message>
    <message>
        <source>The line has too few points for that.</source>
        <translation>それには点が少なすぎます。</translation>
    </message>
    <message>
        <source>That changes nothing.</source>
        <translation>それでは何も変わりません。</translation>
    </message>
    <message>
        <source>Nothing was crossed; swipe across the piece that is to go.</source>
        <translation>何も横切っていません。消したい部分を横切ってなぞってください。</translation>
    </message>
    <message>
        <source>No snipped end lies there; pull one outwards where its line went on.</source>
        <translation>そこには刈り込んだ端がありません。線が続いていた所で、端を外へ引いてください。</translation>
    </message>
    <message>
        <source>There are no guides to place yet; the plus beside “Guides” adds them.</source>
        <translation>置くガイドがまだありません。「ガイド」の横のプラスで足してください。</translation>
    </message>
    <message>
        <source>Did you mean {name}?</source>
        <translation>{name} のことですか。</translation>
    </message>
    <message>
        <source>Commands: {names}</source>
        <translation>コマンド: {names}</translation>
    </message>
    <message>
        <source>there is no command or file “{word}”.</source>
        <translation>「{word}」というコマンドもファイルもありません。</translation>
    </message>
    <message>
        <source>there is not enough memory for this; nothing was written.</source>
        <translation>メモリーが足りません。何も書いていません。</translation>
    </message>
    <message>
        <source>--page and --onto exclude each other: the page given has its own size</source>
        <translation>--page と --onto は一緒に使えません。与えたページには自分の大きさがあります</translation>
    </message>
    <message>
        <source>“{name}” holds no trace of a pen.</source>
        <translation>「{name}」にはペンの動きがありません。</translation>
    </message>
    <message>
        <source>An eraser leaves no line to replay; choose a pen that inks.</source>
        <translation>消しゴムは線を残しません。描くペンを選んでください。</translation>
    </message>
    <message>
        <source>“{name}” has no layer named “{layer}”.</source>
        <translation>「{name}」に「{layer}」という名前のレイヤーはありません。</translation>
    </message>
    <message>
        <source>Writing</source>
        <translation>書き込み中</translation>
    </message>
    <message>
        <source>There is no order “{name}”; there are {known}.</source>
        <translation>注文「{name}」はありません。あるもの: {known}。</translation>
    </message>
    <message>
        <source>Drawing</source>
        <translation>描画</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>読み込み中</translation>
    </message>
    <message>
        <source>it is no JSON</source>
        <translation>JSON ではありません</translation>
    </message>
    <message>
        <source>Checking</source>
        <translation>点検中</translation>
    </message>
    <message>
        <source>“{value}” is none of {known}.</source>
        <translation>「{value}」は {known} のどれでもありません。</translation>
    </message>
    <message>
        <source>{words:18} simulated {simulated:8.3f} {unit:5} measured {measured:8.3f} {unit}</source>
        <translation>{words:18} 模擬 {simulated:8.3f} {unit:5} 測定 {measured:8.3f} {unit}</translation>
    </message>
    <message>
        <source>Press to go back to drawing (Esc)</source>
        <translation>押すと描画に戻ります（Esc）</translation>
    </message>
    <message>
        <source>The hand: {text}</source>
        <translation>手：{text}</translation>
    </message>
    <message>
        <source>The pen draws</source>
        <translation>ペンが描きます</translation>
    </message>
    <message>
        <source>Change effect</source>
        <translation>効果を変更</translation>
    </message>
    <message>
        <source>Add an effect to this layer</source>
        <translation>このレイヤーに効果をつける</translation>
    </message>
    <message>
        <source>Add an effect</source>
        <translation>効果をつける</translation>
    </message>
    <message>
        <source>None yet. The plus adds one; it can be changed, switched and taken off at any time.</source>
        <translation>まだありません。プラスで足せます。いつでも変えたり、切ったり、外したりできます。</translation>
    </message>
    <message>
        <source>Switch it off or on</source>
        <translation>切り替える</translation>
    </message>
    <message>
        <source>Its numbers</source>
        <translation>数値</translation>
    </message>
    <message>
        <source>Before the one above</source>
        <translation>上の効果より先に</translation>
    </message>
    <message>
        <source>Take it off</source>
        <translation>外す</translation>
    </message>
    <message>
        <source>Waves, or the grey of a layer, softened over the length: black moves to the right and down, white to the left and up</source>
        <translation>波、またはレイヤーの灰色（長さに応じてぼかします）：黒は右下へ、白は左上へ動かします</translation>
    </message>
    <message>
        <source>Waves</source>
        <translation>波</translation>
    </message>
    <message>
        <source>Switch effect</source>
        <translation>効果の切り替え</translation>
    </message>
    <message>
        <source>Move effect</source>
        <translation>効果の順番</translation>
    </message>
    <message>
        <source>Take effect off</source>
        <translation>効果を外す</translation>
    </message>
    <message>
        <source>The ink</source>
        <translation>インク</translation>
    </message>
    <message>
        <source>This layer</source>
        <translation>このレイヤー</translation>
    </message>
    <message>
        <source>Everything</source>
        <translation>すべて</translation>
    </message>
    <message>
        <source>To its middle</source>
        <translation>線の中央まで</translation>
    </message>
    <message>
        <source>Not at all</source>
        <translation>入れない</translation>
    </message>
    <message>
        <source>2 px</source>
        <translation>2 px</translation>
    </message>
    <message>
        <source>4 px</source>
        <translation>4 px</translation>
    </message>
    <message>
        <source>8 px</source>
        <translation>8 px</translation>
    </message>
    <message>
        <source>Flat colour</source>
        <translation>一色</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>トーン</translation>
    </message>
    <message>
        <source>Gradient</source>
        <translation>グラデーション</translation>
    </message>
    <message>
        <source>Black that runs out</source>
        <translation>抜けるベタ</translation>
    </message>
    <message>
        <source>Hatching</source>
        <translation>ハッチング</translation>
    </message>
    <message>
        <source>Lines along the edge</source>
        <translation>縁に沿う線</translation>
    </message>
    <message>
        <source>Stipple</source>
        <translation>点描</translation>
    </message>
    <message>
        <source>Crosses</source>
        <translation>十字</translation>
    </message>
    <message>
        <source>Noise</source>
        <translation>ノイズ</translation>
    </message>
    <message>
        <source>One way</source>
        <translation>一方向</translation>
    </message>
    <message>
        <source>Crosswise</source>
        <translation>交差</translation>
    </message>
    <message>
        <source>Three ways</source>
        <translation>三方向</translation>
    </message>
    <message>
        <source>A loop</source>
        <translation>輪</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>角</translation>
    </message>
    <message>
        <source>A curve</source>
        <translation>曲線</translation>
    </message>
    <message>
        <source>A box</source>
        <translation>四角</translation>
    </message>
    <message>
        <source>An ellipse</source>
        <translation>楕円</translation>
    </message>
    <message>
        <source>A colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Is a new area</source>
        <translation>新しい面にする</translation>
    </message>
    <message>
        <source>Is added</source>
        <translation>足す</translation>
    </message>
    <message>
        <source>Is taken away</source>
        <translation>引く</translation>
    </message>
    <message>
        <source>Keeps the overlap</source>
        <translation>重なりを残す</translation>
    </message>
    <message>
        <source>Filled with</source>
        <translation>塗るもの</translation>
    </message>
    <message>
        <source>What an area is filled with</source>
        <translation>面を何で塗るか</translation>
    </message>
    <message>
        <source>Looks at</source>
        <translation>見るもの</translation>
    </message>
    <message>
        <source>What bounds an area; sketches are left out of the ink</source>
        <translation>何が面を区切るか。下描きはインクに入らない</translation>
    </message>
    <message>
        <source>Under the line</source>
        <translation>線の下</translation>
    </message>
    <message>
        <source>How far a fill goes under its lines, so that no pale rim is left</source>
        <translation>白い縁が残らないよう、線の下へどこまで塗るか</translation>
    </message>
    <message>
        <source>Tone of</source>
        <translation>トーンの形</translation>
    </message>
    <message>
        <source>What a tone is made of</source>
        <translation>トーンを何で作るか</translation>
    </message>
    <message>
        <source>Hatched</source>
        <translation>方向</translation>
    </message>
    <message>
        <source>In how many directions</source>
        <translation>いくつの方向か</translation>
    </message>
    <message>
        <source>Closes gaps</source>
        <translation>すき間を閉じる</translation>
    </message>
    <message>
        <source>Slits of up to this width are not passed</source>
        <translation>この幅までのすき間は通らない</translation>
    </message>
    <message>
        <source>Fineness</source>
        <translation>線数</translation>
    </message>
    <message>
        <source>Lines of the tone per inch</source>
        <translation>1インチあたりのトーンの線数</translation>
    </message>
    <message>
        <source>Density</source>
        <translation>濃度</translation>
    </message>
    <message>
        <source>How much of the tone is inked</source>
        <translation>トーンのどれだけがインクか</translation>
    </message>
    <message>
        <source>Of the tone or of the hatching</source>
        <translation>トーンやハッチングの角度</translation>
    </message>
    <message>
        <source>Full width of the strokes or dots</source>
        <translation>ストロークや点の太さ</translation>
    </message>
    <message>
        <source>From one stroke or dot to the next</source>
        <translation>次のストロークや点までの間</translation>
    </message>
    <message>
        <source>Of the strokes that a black runs out in</source>
        <translation>ベタが抜けるストロークの長さ</translation>
    </message>
    <message>
        <source>Light from</source>
        <translation>光の向き</translation>
    </message>
    <message>
        <source>Counted from the right, against the clock</source>
        <translation>右から反時計回りに数える</translation>
    </message>
    <message>
        <source>Drawn as</source>
        <translation>描き方</translation>
    </message>
    <message>
        <source>What one draws: a loop, corners one by one, a box, or px of a colour</source>
        <translation>描くもの：輪、1つずつの角、四角、または色のピクセル</translation>
    </message>
    <message>
        <source>What one draws</source>
        <translation>描くもの</translation>
    </message>
    <message>
        <source>What becomes of the area that is held (Shift adds, Alt takes, both overlap)</source>
        <translation>持っている面をどうするか（Shift で足す、Alt で引く、両方で重なり）</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>刻み</translation>
    </message>
    <message>
        <source>By which Larger and Smaller change the area</source>
        <translation>「大きく」「小さく」で変わる量</translation>
    </message>
    <message>
        <source>How soft its edge is</source>
        <translation>縁の柔らかさ</translation>
    </message>
    <message>
        <source>By the light</source>
        <translation>光に従う</translation>
    </message>
    <message>
        <source>Strokes and dots run out towards the light</source>
        <translation>ストロークと点が光に向かって抜ける</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>円形</translation>
    </message>
    <message>
        <source>From the middle outwards</source>
        <translation>中心から外へ</translation>
    </message>
    <message>
        <source>To nothing</source>
        <translation>透明へ</translation>
    </message>
    <message>
        <source>Fades out instead of ending in the colour before</source>
        <translation>前の色で終わらず、消えていく</translation>
    </message>
    <message>
        <source>Along a line</source>
        <translation>線に沿って</translation>
    </message>
    <message>
        <source>Pull the line that it is to follow through the area</source>
        <translation>沿わせる線を面の中に引いてください</translation>
    </message>
    <message>
        <source>corners are reached</source>
        <translation>角まで届く</translation>
    </message>
    <message>
        <source>Press to take this guide in hand, twice to rename it</source>
        <translation>押すとガイドを手にし、二度で名前を変える</translation>
    </message>
    <message>
        <source>Switch this guide on or off</source>
        <translation>このガイドの入切</translation>
    </message>
    <message>
        <source>Show or hide it; a hidden guide can hold the hand</source>
        <translation>表示か非表示。隠れたガイドも手を支えます</translation>
    </message>
    <message>
        <source>More of this guide</source>
        <translation>このガイドのほかの操作</translation>
    </message>
    <message>
        <source>No guides yet. The plus adds rulers, perspective and symmetry; they are kept with the page.</source>
        <translation>ガイドはまだありません。プラスで定規、遠近、対称を足せます。ページと一緒に残ります。</translation>
    </message>
    <message>
        <source>Guides</source>
        <translation>ガイド</translation>
    </message>
    <message>
        <source>Add a ruler, perspective or symmetry</source>
        <translation>定規、遠近、対称を足す</translation>
    </message>
    <message>
        <source>Kept sets</source>
        <translation>残した組</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>忘れる</translation>
    </message>
    <message>
        <source>Nothing is kept yet</source>
        <translation>まだ何も残していません</translation>
    </message>
    <message>
        <source>Rename guide</source>
        <translation>ガイドの名前</translation>
    </message>
    <message>
        <source>Name of the guide</source>
        <translation>ガイドの名前</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>名前を変える…</translation>
    </message>
    <message>
        <source>Hold with the others</source>
        <translation>ほかと一緒に支える</translation>
    </message>
    <message>
        <source>Unlock guide</source>
        <translation>ガイドのロックを外す</translation>
    </message>
    <message>
        <source>Lock guide</source>
        <translation>ガイドをロック</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>ロックを外す</translation>
    </message>
    <message>
        <source>Lock in place</source>
        <translation>この場所でロック</translation>
    </message>
    <message>
        <source>Flip left to right</source>
        <translation>左右反転</translation>
    </message>
    <message>
        <source>Flip upside down</source>
        <translation>上下反転</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>複製</translation>
    </message>
    <message>
        <source>As it was opened</source>
        <translation>開いたとき</translation>
    </message>
    <message>
        <source>What was done; press a step to go there</source>
        <translation>したこと。押すとそこへ行きます</translation>
    </message>
    <message>
        <source>Press a step to go there; what comes after it can be done again</source>
        <translation>段を押すとそこへ行きます。後の段はやり直せます</translation>
    </message>
    <message>
        <source>Inkwell</source>
        <translation>インクつぼ</translation>
    </message>
    <message>
        <source>The colour before: {color}</source>
        <translation>前の色：{color}</translation>
    </message>
    <message>
        <source>Ink in the hand: {color}; press for any colour (hold C to pick from the page)</source>
        <translation>手にしたインク：{color}。押すと好きな色に（C を押し続けるとページから）</translation>
    </message>
    <message>
        <source>The last line from start to end: its width, and in rust the way the hand went</source>
        <translation>最後の線の始めから終わりまで：太さと、赤茶色の手の動き</translation>
    </message>
    <message>
        <source>Draw a line, and it is laid out here.</source>
        <translation>線を描くと、ここに広げて見せます。</translation>
    </message>
    <message>
        <source>Draw the same motion with another pen</source>
        <translation>同じ動きを別のペンで描く</translation>
    </message>
    <message>
        <source>Pen of the line</source>
        <translation>線のペン</translation>
    </message>
    <message>
        <source>Colour of the hand</source>
        <translation>手の色</translation>
    </message>
    <message>
        <source>Give it the ink in the hand</source>
        <translation>手にしたインクをつける</translation>
    </message>
    <message>
        <source>Of this line</source>
        <translation>この線の</translation>
    </message>
    <message>
        <source>Opacity of the line</source>
        <translation>線の不透明度</translation>
    </message>
    <message>
        <source>Response of this line to pressure</source>
        <translation>この線の筆圧への反応</translation>
    </message>
    <message>
        <source>Response of the line</source>
        <translation>線の反応</translation>
    </message>
    <message>
        <source>Taper of the line</source>
        <translation>線の入り抜き</translation>
    </message>
    <message>
        <source>Last line</source>
        <translation>最後の線</translation>
    </message>
    <message>
        <source>Steady</source>
        <translation>補正</translation>
    </message>
    <message>
        <source>Steady this line anew, from the hand as it was (0) to as calm as it gets (100)</source>
        <translation>この線を補正し直す。手のまま（0）から、いちばん静か（100）まで</translation>
    </message>
    <message>
        <source>Full width of this line</source>
        <translation>この線の太さ</translation>
    </message>
    <message>
        <source>Pen, colour, opacity, response and tapers</source>
        <translation>ペン、色、不透明度、反応、入り抜き</translation>
    </message>
    <message>
        <source>More of this line</source>
        <translation>この線のほかの設定</translation>
    </message>
    <message>
        <source>Size of the line</source>
        <translation>線のサイズ</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) chosen</source>
        <translation>
            <numerusform>%n 本の線を選択</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n pens</source>
        <translation>
            <numerusform>%n 本のペン</numerusform>
        </translation>
    </message>
    <message>
        <source>{pen}, {length_px:.0f} px, {duration_s:.2f} s</source>
        <translation>{pen}、{length_px:.0f} px、{duration_s:.2f} 秒</translation>
    </message>
    <message>
        <source>shape kept</source>
        <translation>形を保持</translation>
    </message>
    <message>
        <source>Wobble: how far the line strays from what was meant, before and after steadying; along {withheld:.0%} of it less is steadied, to keep its shape</source>
        <translation>ぶれ：思った線からどれだけ離れるか、補正の前と後。{withheld:.0%} では形を保つため弱めています</translation>
    </message>
    <message>
        <source>Press to draw on this layer, with Ctrl or Shift to choose several, twice to rename it, drag to move it</source>
        <translation>押すとこのレイヤーに描く。Ctrl か Shift で複数を選ぶ。二度で名前、ドラッグで移動</translation>
    </message>
    <message>
        <source>Lock, so that nothing changes it</source>
        <translation>変わらないようにロック</translation>
    </message>
    <message>
        <source>Show or hide; with Alt, show nothing else</source>
        <translation>表示か非表示。Alt で、ほかを全部隠す</translation>
    </message>
    <message numerus="yes">
        <source>group of %n</source>
        <translation>
            <numerusform>%n 枚のグループ</numerusform>
        </translation>
    </message>
    <message>
        <source>empty group</source>
        <translation>空のグループ</translation>
    </message>
    <message>
        <source>sketch</source>
        <translation>下描き</translation>
    </message>
    <message numerus="yes">
        <source>%n area(s)</source>
        <translation>
            <numerusform>%n 面</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stroke(s)</source>
        <translation>
            <numerusform>%n 本</numerusform>
        </translation>
    </message>
    <message>
        <source>empty</source>
        <translation>空</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>ペイント</translation>
    </message>
    <message numerus="yes">
        <source>%n effect(s)</source>
        <translation>
            <numerusform>効果 %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Clip: show this layer only where the one below has ink</source>
        <translation>クリップ：下にインクのある所だけ表示</translation>
    </message>
    <message>
        <source>Clip layer</source>
        <translation>クリップする</translation>
    </message>
    <message>
        <source>Unclip layer</source>
        <translation>クリップを外す</translation>
    </message>
    <message>
        <source>Lock transparency: drawing only colours what is there</source>
        <translation>透明部分をロック：ある所だけに色がつく</translation>
    </message>
    <message>
        <source>Lock transparency</source>
        <translation>透明部分をロック</translation>
    </message>
    <message>
        <source>Unlock transparency</source>
        <translation>透明部分のロックを外す</translation>
    </message>
    <message>
        <source>Lock position: the layer cannot be moved</source>
        <translation>位置をロック：レイヤーが動かない</translation>
    </message>
    <message>
        <source>Lock position</source>
        <translation>位置をロック</translation>
    </message>
    <message>
        <source>Unlock position</source>
        <translation>位置のロックを外す</translation>
    </message>
    <message>
        <source>Show this layer in non-photo blue</source>
        <translation>このレイヤーを、写らない青で表示</translation>
    </message>
    <message>
        <source>Tint layer</source>
        <translation>青くする</translation>
    </message>
    <message>
        <source>Untint layer</source>
        <translation>青をやめる</translation>
    </message>
    <message>
        <source>Follow guides</source>
        <translation>ガイドに従う</translation>
    </message>
    <message>
        <source>Follow symmetry</source>
        <translation>対称に従う</translation>
    </message>
    <message>
        <source>How this layer blends with those below (W3C Compositing and Blending)</source>
        <translation>下のレイヤーとの混ざり方（W3C Compositing and Blending）</translation>
    </message>
    <message>
        <source>Blend</source>
        <translation>合成</translation>
    </message>
    <message>
        <source>Blend layer</source>
        <translation>合成を変更</translation>
    </message>
    <message>
        <source>Opacity of the chosen layers</source>
        <translation>選んだレイヤーの不透明度</translation>
    </message>
    <message>
        <source>Show layer</source>
        <translation>レイヤーを表示</translation>
    </message>
    <message>
        <source>Hide layer</source>
        <translation>レイヤーを隠す</translation>
    </message>
    <message>
        <source>Lock layer</source>
        <translation>レイヤーをロック</translation>
    </message>
    <message>
        <source>Unlock layer</source>
        <translation>レイヤーのロックを外す</translation>
    </message>
    <message>
        <source>Rename layer</source>
        <translation>レイヤーの名前を変更</translation>
    </message>
    <message>
        <source>Name of the layer</source>
        <translation>レイヤーの名前</translation>
    </message>
    <message>
        <source>Layer opacity</source>
        <translation>レイヤーの不透明度</translation>
    </message>
    <message>
        <source>Lines of this layer</source>
        <translation>このレイヤーの線</translation>
    </message>
    <message>
        <source>All visible ink</source>
        <translation>見えるインク全部</translation>
    </message>
    <message>
        <source>The line itself</source>
        <translation>その線自身</translation>
    </message>
    <message>
        <source>Thicker or thinner</source>
        <translation>太く・細く</translation>
    </message>
    <message>
        <source>Even out</source>
        <translation>均一に</translation>
    </message>
    <message>
        <source>Sharp ends</source>
        <translation>端を鋭く</translation>
    </message>
    <message>
        <source>Gather</source>
        <translation>寄せる</translation>
    </message>
    <message>
        <source>The frame</source>
        <translation>枠</translation>
    </message>
    <message>
        <source>Free corners</source>
        <translation>自由な角</translation>
    </message>
    <message>
        <source>A mesh</source>
        <translation>網</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>範囲</translation>
    </message>
    <message>
        <source>How far the hand reaches, page px</source>
        <translation>手の届く範囲、ページの px</translation>
    </message>
    <message>
        <source>Softness</source>
        <translation>柔らかさ</translation>
    </message>
    <message>
        <source>How softly the hand works at its edge</source>
        <translation>手の縁がどれだけ柔らかく効くか</translation>
    </message>
    <message>
        <source>How thick a line becomes in one pass: below 100 thinner</source>
        <translation>1回で線がどれだけ太くなるか：100 未満で細く</translation>
    </message>
    <message>
        <source>Overshoot</source>
        <translation>はみ出し</translation>
    </message>
    <message>
        <source>What stays beyond a crossing while Shift is held</source>
        <translation>Shift を押す間、交点の先に残る長さ</translation>
    </message>
    <message>
        <source>Connected within</source>
        <translation>つながる距離</translation>
    </message>
    <message>
        <source>So near lines hang together, for “Choose what is connected”</source>
        <translation>この近さの線はつながりとみなす、「つながりを選ぶ」用</translation>
    </message>
    <message>
        <source>Points within</source>
        <translation>点の許容</translation>
    </message>
    <message>
        <source>How far a line may move, in px of the screen, when it runs smoothly through its points</source>
        <translation>点をなめらかに通るとき線が動いてよい量、画面の px</translation>
    </message>
    <message>
        <source>Snip up to</source>
        <translation>刈り込む先</translation>
    </message>
    <message>
        <source>What ends a piece that is snipped</source>
        <translation>刈り込む部分の終わりを決めるもの</translation>
    </message>
    <message>
        <source>Does</source>
        <translation>はたらき</translation>
    </message>
    <message>
        <source>What a pass does to the weight of lines</source>
        <translation>なぞると線幅がどうなるか</translation>
    </message>
    <message>
        <source>What the hand does to the shape of lines</source>
        <translation>手が線の形をどうするか</translation>
    </message>
    <message>
        <source>By</source>
        <translation>方法</translation>
    </message>
    <message>
        <source>What lines are moved by</source>
        <translation>線を何で動かすか</translation>
    </message>
    <message>
        <source>Simplify</source>
        <translation>単純にする</translation>
    </message>
    <message>
        <source>Have the line run smoothly through its points (Enter)</source>
        <translation>点をなめらかに通る線にする（Enter）</translation>
    </message>
    <message>
        <source>Scale weights</source>
        <translation>太さも拡大</translation>
    </message>
    <message>
        <source>Scaled lines become thicker too; Shift does the other</source>
        <translation>拡大した線は太くもなる。Shift で逆に</translation>
    </message>
    <message>
        <source>Along guides</source>
        <translation>ガイドに沿って</translation>
    </message>
    <message>
        <source>Lines move along the guide that runs the way of the hand</source>
        <translation>手の向きに走るガイドに沿って線が動く</translation>
    </message>
    <message>
        <source>Fields down</source>
        <translation>縦の升</translation>
    </message>
    <message>
        <source>Fields across</source>
        <translation>横の升</translation>
    </message>
    <message>
        <source>{name}, of the mesh</source>
        <translation>{name}、網の</translation>
    </message>
    <message>
        <source>Fields</source>
        <translation>升</translation>
    </message>
    <message>
        <source>thicker</source>
        <translation>太く</translation>
    </message>
    <message>
        <source>thinner</source>
        <translation>細く</translation>
    </message>
    <message>
        <source>no change</source>
        <translation>そのまま</translation>
    </message>
    <message>
        <source>Drag the buttons elsewhere</source>
        <translation>ボタンを別の場所へ動かす</translation>
    </message>
    <message>
        <source>{name}: hold it, or tap it to keep it on</source>
        <translation>{name}：押し続けるか、一度押して入れたままに</translation>
    </message>
    <message>
        <source>The whole page; drag to show another part, turn the wheel to zoom</source>
        <translation>ページ全体。ドラッグで別の所を見る、ホイールで拡大</translation>
    </message>
    <message>
        <source>the hand as it is</source>
        <translation>手のまま</translation>
    </message>
    <message>
        <source>while the key is held</source>
        <translation>キーを押す間</translation>
    </message>
    <message>
        <source>Full width of the line, in page px</source>
        <translation>線の太さ、ページの px</translation>
    </message>
    <message>
        <source>How strongly the line is held while the pen is down; more trails further behind a slow hand</source>
        <translation>描く間、線をどれだけ支えるか。強いほど、ゆっくりした手から遅れる</translation>
    </message>
    <message>
        <source>How strongly the line is smoothed when the pen lifts; it costs no lag, and can be changed later</source>
        <translation>ペンを上げたとき線をどれだけなめらかにするか。遅れはなく、後で変えられる</translation>
    </message>
    <message>
        <source>The most ink a stroke of this pen leaves</source>
        <translation>このペンの1ストロークで残る最大のインク</translation>
    </message>
    <message>
        <source>How the line is steadied while drawing</source>
        <translation>描く間の補正のしかた</translation>
    </message>
    <message>
        <source>Way of steadying</source>
        <translation>補正の方式</translation>
    </message>
    <message>
        <source>Ease: follows softly, less as you speed up</source>
        <translation>やわらか：ゆるく追い、速いほど弱く</translation>
    </message>
    <message>
        <source>Average: the mean of the last moments</source>
        <translation>平均：直前の動きの平均</translation>
    </message>
    <message>
        <source>Tow: the ink follows on a rope</source>
        <translation>引き綱：綱の先をインクがついていく</translation>
    </message>
    <message>
        <source>Less when the hand is fast</source>
        <translation>手が速いと弱く</translation>
    </message>
    <message>
        <source>builds up</source>
        <translation>重ねると濃く</translation>
    </message>
    <message>
        <source>ends and corners kept</source>
        <translation>端と角を残す</translation>
    </message>
    <message>
        <source>lightest touch</source>
        <translation>軽く</translation>
    </message>
    <message>
        <source>fastest</source>
        <translation>速く</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>立てて</translation>
    </message>
    <message>
        <source>along the nib</source>
        <translation>沿って</translation>
    </message>
    <message>
        <source>{where} {least:.1f} px</source>
        <translation>{where} {least:.1f} px</translation>
    </message>
    <message>
        <source>one width throughout</source>
        <translation>どこも同じ幅</translation>
    </message>
    <message>
        <source>{way}, less when fast</source>
        <translation>{way}、速いと弱く</translation>
    </message>
    <message>
        <source>Favourites</source>
        <translation>お気に入り</translation>
    </message>
    <message>
        <source>Nibs</source>
        <translation>つけペン</translation>
    </message>
    <message>
        <source>Brushes</source>
        <translation>筆</translation>
    </message>
    <message>
        <source>favourite</source>
        <translation>お気に入り</translation>
    </message>
    <message>
        <source>nib</source>
        <translation>つけペン</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>筆</translation>
    </message>
    <message>
        <source>Even lines</source>
        <translation>均一な線</translation>
    </message>
    <message>
        <source>For the mouse</source>
        <translation>マウス用</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>丸</translation>
    </message>
    <message>
        <source>mouse</source>
        <translation>マウス</translation>
    </message>
    <message>
        <source>Cords and motifs</source>
        <translation>ひもと模様</translation>
    </message>
    <message>
        <source>Pencils</source>
        <translation>鉛筆</translation>
    </message>
    <message>
        <source>Textures</source>
        <translation>質感</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>模様</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>質感</translation>
    </message>
    <message>
        <source>Tones</source>
        <translation>調子</translation>
    </message>
    <message>
        <source>One bit</source>
        <translation>1ビット</translation>
    </message>
    <message>
        <source>tone</source>
        <translation>調子</translation>
    </message>
    <message>
        <source>one bit</source>
        <translation>1ビット</translation>
    </message>
    <message>
        <source>white</source>
        <translation>ホワイト</translation>
    </message>
    <message>
        <source>Others</source>
        <translation>そのほか</translation>
    </message>
    <message>
        <source>Erasers</source>
        <translation>消しゴム</translation>
    </message>
    <message>
        <source>{name}, {size_px:g} px as shipped; press twice for the pen maker</source>
        <translation>{name}、初期設定 {size_px:g} px。二度押すとペン作り</translation>
    </message>
    <message>
        <source>Find a pen</source>
        <translation>ペンを探す</translation>
    </message>
    <message>
        <source>Type part of a name or a tag: nib, brush, sketch, texture, tone, mouse, one bit</source>
        <translation>名前か札の一部を入れる：つけペン、筆、下描き、質感、調子、マウス、1ビット</translation>
    </message>
    <message>
        <source>Pens</source>
        <translation>ペン</translation>
    </message>
    <message>
        <source>No pen has that in its name or tags.</source>
        <translation>名前や札に、それを含むペンはありません。</translation>
    </message>
    <message>
        <source>Turn the page: drag sideways, press twice for upright</source>
        <translation>ページを回す：横にドラッグ、二度押すとまっすぐ</translation>
    </message>
    <message>
        <source>Everything Jotsk can do (F10)</source>
        <translation>Jotsk でできることすべて（F10）</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>メニュー</translation>
    </message>
    <message>
        <source>The pages that are open (Ctrl+Tab goes to the next)</source>
        <translation>開いているページ（Ctrl+Tab で次へ）</translation>
    </message>
    <message>
        <source>Open pages</source>
        <translation>開いているページ</translation>
    </message>
    <message>
        <source>Angle of the page, degrees</source>
        <translation>ページの角度、度</translation>
    </message>
    <message>
        <source>Zoom, per cent</source>
        <translation>ズーム、%</translation>
    </message>
    <message>
        <source>{width} x {height} px, {dpi:g} dpi</source>
        <translation>{width} x {height} px, {dpi:g} dpi</translation>
    </message>
    <message>
        <source>Not in a file yet</source>
        <translation>まだファイルにありません</translation>
    </message>
    <message>
        <source>unsaved</source>
        <translation>未保存</translation>
    </message>
    <message>
        <source>There are changes that are not in the file; closing keeps them for the next start</source>
        <translation>ファイルにない変更があります。閉じても次の起動まで残ります</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>保存済み</translation>
    </message>
    <message>
        <source>{title}, unsaved</source>
        <translation>{title}、未保存</translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <comment>pages</comment>
        <translation>
            <numerusform>%n 枚</numerusform>
        </translation>
    </message>
    <message>
        <source>flipped</source>
        <translation>反転中</translation>
    </message>
    <message>
        <source>{tooltip}
Drag points; press beside the line for another; drag one out to take it away</source>
        <translation>{tooltip}
点をドラッグ。線の横を押すと増え、外へ引くと減ります</translation>
    </message>
    <message>
        <source>dd MMMM, HH:mm</source>
        <comment>day and time</comment>
        <translation>M月d日 HH:mm</translation>
    </message>
    <message>
        <source>dd MMM</source>
        <comment>a day, short</comment>
        <translation>M月d日</translation>
    </message>
    <message>
        <source>dd MMMM</source>
        <comment>a day</comment>
        <translation>M月d日</translation>
    </message>
    <message>
        <source>Nothing was measured yet.</source>
        <translation>まだ測っていません。</translation>
    </message>
    <message>
        <source>From {low:g} to {high:g} {unit}</source>
        <translation>{low:g} から {high:g} {unit}</translation>
    </message>
    <message>
        <source>Rose of directions</source>
        <translation>向きのばら</translation>
    </message>
    <message>
        <source>{direction:.0f}° {off:.2f} mm</source>
        <translation>{direction:.0f}° {off:.2f} mm</translation>
    </message>
    <message>
        <source>Nothing was drawn yet</source>
        <translation>まだ描いていません</translation>
    </message>
    <message>
        <source>mm off the line</source>
        <translation>線から mm</translation>
    </message>
    <message>
        <source>Finding the lines</source>
        <translation>線を探しています</translation>
    </message>
    <message>
        <source>taper in</source>
        <translation>入り</translation>
    </message>
    <message>
        <source>thickest</source>
        <translation>最大</translation>
    </message>
    <message>
        <source>opacity</source>
        <translation>不透明度</translation>
    </message>
    <message>
        <source>steady after</source>
        <translation>後の補正</translation>
    </message>
    <message>
        <source>taper out</source>
        <translation>抜き</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>最小</translation>
    </message>
    <message>
        <source>swell</source>
        <translation>ふくらみ</translation>
    </message>
    <message>
        <source>its first line names no columns</source>
        <translation>最初の行に列の名前がありません</translation>
    </message>
    <message>
        <source>it cannot be read as a table</source>
        <translation>表として読めません</translation>
    </message>
    <message>
        <source>it is larger than a palette can be</source>
        <translation>パレットには大きすぎます</translation>
    </message>
    <message>
        <source>it is not plain text</source>
        <translation>ふつうのテキストではありません</translation>
    </message>
    <message>
        <source>its line {number} is no colour such as “#14181B Black”</source>
        <translation>{number} 行目が「#14181B 黒」のような色ではありません</translation>
    </message>
    <message>
        <source>it holds more than {most_colors} colours</source>
        <translation>色が {most_colors} を超えています</translation>
    </message>
    <message>
        <source>A corner just meets a frame; keep it off, or draw it well over.</source>
        <translation>角が枠にちょうど触れています。離すか、はっきり越えて描いてください。</translation>
    </message>
    <message>
        <source>This line stops exactly on another: draw it in, or end it before.</source>
        <translation>この線は別の線の上でちょうど終わっています。中まで引くか、手前で止めてください。</translation>
    </message>
    <message>
        <source>The outside is {times:.1f} times as thick as the inside; {ratio:g} times stands out.</source>
        <translation>外側は内側の {times:.1f} 倍の太さです。{ratio:g} 倍で際立ちます。</translation>
    </message>
    <message>
        <source>What mending would do</source>
        <translation>直すとどうなるか</translation>
    </message>
    <message>
        <source>The coloured lines are what mending would do. Press those that are to stay as they are.</source>
        <translation>色の線が直した後の姿です。そのまま残すものを押してください。</translation>
    </message>
    <message numerus="yes">
        <source>Mend %n</source>
        <translation>
            <numerusform>%n か所を直す</numerusform>
        </translation>
    </message>
    <message>
        <source>{size:.1f} px</source>
        <translation>{size:.1f} px</translation>
    </message>
    <message>
        <source>Weight of the outside</source>
        <translation>外側の太さ</translation>
    </message>
    <message>
        <source>Weights</source>
        <translation>太さ</translation>
    </message>
    <message>
        <source>Outside to inside</source>
        <translation>外側と内側</translation>
    </message>
    <message>
        <source>How thick the outside lines of this layer are beside inside ones; pull and they grow heavier</source>
        <translation>このレイヤーの外側の線が内側に比べてどれだけ太いか。引くと太くなります</translation>
    </message>
    <message>
        <source>length of line by thickness, “{name}”</source>
        <translation>太さごとの線の長さ「{name}」</translation>
    </message>
    <message>
        <source>“{name}” has no lines yet</source>
        <translation>「{name}」にはまだ線がありません</translation>
    </message>
    <message>
        <source>choose a layer of ink</source>
        <translation>インクのレイヤーを選んでください</translation>
    </message>
    <message>
        <source>stands out</source>
        <translation>際立ちます</translation>
    </message>
    <message>
        <source>{wanted:.0f} % stands out</source>
        <translation>{wanted:.0f} % で際立ちます</translation>
    </message>
    <message>
        <source>no outside and inside here</source>
        <translation>外側と内側がありません</translation>
    </message>
    <message>
        <source>Leaks</source>
        <translation>漏れ</translation>
    </message>
    <message>
        <source>Tangents</source>
        <translation>接触</translation>
    </message>
    <message>
        <source>Outlines</source>
        <translation>輪郭</translation>
    </message>
    <message>
        <source>Wobble</source>
        <translation>ぶれ</translation>
    </message>
    <message>
        <source>Stray marks</source>
        <translation>迷い線</translation>
    </message>
    <message>
        <source>Gaps through which a fill would run out</source>
        <translation>塗りが漏れ出すすき間</translation>
    </message>
    <message>
        <source>Lines, ends and corners that touch without meaning to</source>
        <translation>意図せず触れている線、端、角</translation>
    </message>
    <message>
        <source>Outlines that are no heavier than what is inside</source>
        <translation>内側より太くない輪郭</translation>
    </message>
    <message>
        <source>Lines that stray from what was meant</source>
        <translation>意図した線からずれた線</translation>
    </message>
    <message>
        <source>Specks, double lines, lines off the page or too thin to print, empty layers</source>
        <translation>ごみ、二重線、ページ外の線、印刷には細すぎる線、空のレイヤー</translation>
    </message>
    <message>
        <source>not looked for yet</source>
        <translation>まだ探していません</translation>
    </message>
    <message numerus="yes">
        <source>%n found</source>
        <translation>
            <numerusform>%n 件</numerusform>
        </translation>
    </message>
    <message>
        <source>Gaps up to</source>
        <translation>すき間の上限</translation>
    </message>
    <message>
        <source>Wider gaps are no leaks: they are meant</source>
        <translation>これより広いすき間は意図したものとして漏れに数えません</translation>
    </message>
    <message>
        <source>Touching within</source>
        <translation>接触とみなす距離</translation>
    </message>
    <message>
        <source>Lines, ends and corners that are no farther apart are tangents</source>
        <translation>これより近い線、端、角を接触とみなします</translation>
    </message>
    <message>
        <source>Wobble above</source>
        <translation>ぶれの下限</translation>
    </message>
    <message>
        <source>Lines that stray less from what was meant are left alone; RMS, px of this page</source>
        <translation>ずれがこれより小さい線はそのままにします。RMS、このページの px</translation>
    </message>
    <message>
        <source>Outside at least</source>
        <translation>外側の下限</translation>
    </message>
    <message>
        <source>An outside that is thinner than so much of the inside is a weak outline</source>
        <translation>外側が内側のこの割合より細いと、弱い輪郭とみなします</translation>
    </message>
    <message>
        <source>as shipped</source>
        <translation>初期値</translation>
    </message>
    <message>
        <source>as shipped: {usual:.3g}</source>
        <translation>初期値：{usual:.3g}</translation>
    </message>
    <message>
        <source>“{text}” is no colour such as #1d2a32</source>
        <translation>「{text}」は #1d2a32 のような色ではありません</translation>
    </message>
    <message>
        <source>The standard input is larger than a page can be.</source>
        <translation>標準入力が、ページの大きさの限度を超えています。</translation>
    </message>
    <message>
        <source>a fill has a kind: {known}</source>
        <translation>塗りには種類が要ります: {known}</translation>
    </message>
    <message>
        <source>an effect has a kind, {known}, and numbers in their ranges</source>
        <translation>効果には種類（{known}）と、範囲内の数が要ります</translation>
    </message>
    <message>
        <source>Steps are a list of at most {count:,}.</source>
        <translation>手順は {count:,} 個までのリストです。</translation>
    </message>
    <message>
        <source>Step {number} is none there is; there are {known}.</source>
        <translation>手順 {number} はありません。あるもの: {known}。</translation>
    </message>
    <message>
        <source>Step {number}, {name}, needs {what}.</source>
        <translation>手順 {number}（{name}）には {what} が必要です。</translation>
    </message>
    <message>
        <source>Step {number}, {name}: {reason}</source>
        <translation>手順 {number}（{name}）: {reason}</translation>
    </message>
    <message>
        <source>Step {number}, {name}, makes no sense: {reason}.</source>
        <translation>手順 {number}（{name}）は意味をなしません: {reason}。</translation>
    </message>
    <message>
        <source>there is no layer named “{name}”.</source>
        <translation>「{name}」という名前のレイヤーはありません。</translation>
    </message>
    <message>
        <source>a way is a list of places</source>
        <translation>道は場所のリストです</translation>
    </message>
    <message>
        <source>a place here has {count} numbers</source>
        <translation>ここでの場所は {count} 個の数です</translation>
    </message>
    <message>
        <source>strokes are {all}, {inside} or {touching}</source>
        <translation>strokes は {all}、{inside}、{touching} のどれかです</translation>
    </message>
    <message>
        <source>{name} is one of {known}</source>
        <translation>{name} は {known} のどれかです</translation>
    </message>
    <message>
        <source>it changes pen, size, color or steady_after</source>
        <translation>pen、size、color、steady_after を変えます</translation>
    </message>
    <message>
        <source>Open the window, with a page (.ora), a picture as a sketch, or the lines of an SVG.</source>
        <translation>ページ（.ora）、下描きになる画像、または SVG の線でウィンドウを開く。</translation>
    </message>
    <message>
        <source>Open the demo page, or the finished panel.</source>
        <translation>見本のページ、または仕上がったコマを開く。</translation>
    </message>
    <message>
        <source>Open a practice sheet that measures the hand.</source>
        <translation>手を測る練習の紙を開く。</translation>
    </message>
    <message>
        <source>Write a page as a picture, shapes or motions; the ending of OUT says which.</source>
        <translation>ページを画像、形、動きとして書く。OUT の末尾が種類を決める。</translation>
    </message>
    <message>
        <source>Write a page as several orders at once.</source>
        <translation>ページをいくつもの注文として一度に書く。</translation>
    </message>
    <message>
        <source>Write a page being drawn again.</source>
        <translation>もう一度描かれるページを書く。</translation>
    </message>
    <message>
        <source>Run a list of steps on a page: mending and filling.</source>
        <translation>ページの上で、直す・塗る手順のリストを行う。</translation>
    </message>
    <message>
        <source>Say what is wrong with a page; exit 3 if there is anything.</source>
        <translation>ページの悪い所を知らせる。何かあれば 3 で終わる。</translation>
    </message>
    <message>
        <source>Run traces through the pens, without a window.</source>
        <translation>ウィンドウなしで、動きをペンに通す。</translation>
    </message>
    <message>
        <source>Put the application into the menu of the desktop, for this user.</source>
        <translation>この利用者のデスクトップのメニューにアプリケーションを入れる。</translation>
    </message>
    <message>
        <source>Print a script that completes commands in a shell.</source>
        <translation>シェルでコマンドを補うスクリプトを出力する。</translation>
    </message>
    <message>
        <source>NAME</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>SYNOPSIS</source>
        <translation>書式</translation>
    </message>
    <message>
        <source>DESCRIPTION</source>
        <translation>説明</translation>
    </message>
    <message>
        <source>Without a command, Jotsk opens its window. Instead of a file, - reads the standard input.</source>
        <translation>コマンドがなければ、Jotsk はウィンドウを開く。ファイルの代わりに - は標準入力を読む。</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>コマンド</translation>
    </message>
    <message>
        <source>EXIT STATUS</source>
        <translation>終了コード</translation>
    </message>
    <message>
        <source>0 done; 1 the input could not be used; 2 wrong usage; 3 something was found by check.</source>
        <translation>0 は完了、1 は入力が使えなかった、2 は使い方の間違い、3 は check で何か見つかった。</translation>
    </message>
    <message>
        <source>FILES</source>
        <translation>ファイル</translation>
    </message>
    <message>
        <source>settings, pens, palettes and the diary of practice</source>
        <translation>設定、ペン、パレット、練習の日記</translation>
    </message>
    <message>
        <source>unsaved work and the log</source>
        <translation>保存していない仕事と記録</translation>
    </message>
    <message>
        <source>what can be made again</source>
        <translation>作り直せるもの</translation>
    </message>
    <message>
        <source>The layer of the picture was changed meanwhile, so the picture stays where it was.</source>
        <translation>その間に画像のレイヤーが変わったので、画像は元の位置のままです。</translation>
    </message>
</context>
</TS>
