# frozen_string_literal: true

# Every declaration that a definition must make, left out or made as it cannot be, one at a time: it is refused by its
# name before anyone sees it.
RSpec.describe "a definition that leaves something out" do
  # @param parts [Hash{Symbol => Proc}] declarations, each run on the class
  # @param changed [Hash{Symbol => Proc, nil}] others in their place, nil for none
  def defined(kind, parts, **changed)
    Class.new(kind) { parts.merge(changed).compact.each_value { |declare| class_exec(&declare) } }
  end

  # @param words [Regexp] of the whole sentence, its way out among it  @param field [Symbol]
  def be_refused(words, field)
    raise_error(UpClose::Errors::BadDefinition) do |error|
      expect([error.sentence, error.field]).to match [words, field]
    end
  end

  describe UpClose::Methods::DefinitionCheck do
    parts = {
      key: -> { key "wax-tissue" }, title: -> { title "Waxed tissue" }, summary: -> { summary "Ironed off." },
      undo: -> { undo "Scrape it off." }, movable: -> { movable :no }, wear: -> { wear "poor" },
      on_a_miss: -> { on_a_miss :again }, chance: -> { chance 0.5 }, printers: -> { printers :laser },
      stocks: -> { stocks "letter-paper" }, residue: -> { residue :toner }, serves: -> { serves :picture },
      passage: -> { passage "Laid face down on the piece", turned: true }, border: -> { border 4.0 },
      sights: -> { sights :iron, right: [:sharp, "crisp"], early: [:smeared, "wet"], late: [:broken, "dry"] },
      work: -> {
        work do |_|
          hands :print, "Print it", "As usual.", phase: :print, lasts: 60
          hands :iron, "Iron it over", "Slowly.", lasts: 10
        end
      }
    }

    define_method(:checked) do |**changed|
      described_class.call(defined(UpClose::Methods::Definition, parts, **changed))
    end

    it "takes the one that says all" do
      expect { checked }.not_to raise_error
    end

    {
      key: /small letters and dashes/, title: /in words/, summary: /in words/, undo: /in words/, movable: /in words/,
      wear: /in words/, chance: /above 0, at most 1/, serves: /what marks it is done for/, printers: /:laser, :inkjet/,
      stocks: /one or more of clear-film/, passage: /from paper to eye/, border: /round the ink, mm/,
      residue: /one of film, toner/, work: /its steps/, sights: /right, early, late/
    }.each do |left_out, words|
      it("is refused without #{left_out}") { expect { checked(left_out => nil) }.to be_refused(words, left_out) }
    end

    {
      {key: -> { key "Wax tissue" }} => [:key, /small letters/],
      {chance: -> { chance 1.5 }} => [:chance, /at most 1/],
      {printers: -> { printers :inkjet, :laser }, stocks: -> { stocks "quick-peel" }} => [:stocks, /none suits inkjet/],
      {holds: -> { holds laser: {glitter_mm: 2} }} => [:holds, /glitter_mm is none of them/],
      {fumes: -> { fumes :some }} => [:fumes, /one of none, low, strong/],
      {sights: -> { sights :iron, right: [:glowing, "x"], early: [:smeared, "x"], late: [:broken, "x"] }} =>
        [:sights, /glowing is none of them/],
      {work: -> { work { |_| } }} => [:work, /one step or more/],
      {work: -> {
        work { |_| hands :lay, "Lay it", "Now.", lasts: 5, after: "coat", window: (10..60), when_late: "Again." }
      }} => [:work, /“Lay it” hangs on “?"?coat/],
      {work: -> { work { |_| hands :lay, "Lay it", "Now.", lasts: 5, cautions: %i[dragons] } }} =>
        [:work, /“Lay it” names dragons/],
      {work: -> {
        work do |_|
          hands :coat, "Coat it", "Thin.", lasts: 5, each: 30, for: :piece
          hands :lay, "Lay it", "Now.", lasts: 5, for: :piece, after: "coat", window: (10..60), when_late: "Again."
        end
      }} => [:work, /a round around “Coat it” and “Lay it”/]
    }.each do |changed, (at, words)|
      it("is refused where #{words.source}") { expect { checked(**changed) }.to be_refused(words, at) }
    end
  end

  describe UpClose::Sealing::DefinitionCheck do
    parts = {
      key: -> { key "egg-white" }, title: -> { title "Beaten egg white" }, summary: -> { summary "A glaze." },
      sheen: -> { sheen :gloss }, wet_um: -> { wet_um 40 }, can_ml: -> { can_ml 30 }, coats: -> { coats 2 },
      between_s: -> { between_s 1800..86_400 }, touch_s: -> { touch_s 1200 }, handle_s: -> { handle_s 7200 },
      cure_s: -> { cure_s 86_400 }, coat_words: -> { coat_words "With a soft brush." },
      over: -> { %i[film toner dye_ink].each { |residue| over residue, :fine, "It goes over it." } }
    }

    define_method(:checked) { |**changed| described_class.call(defined(UpClose::Sealing::Sealer, parts, **changed)) }

    it "takes the one that says all, and one of no coats that says nothing of coats" do
      expect { checked }.not_to raise_error
      bare = %i[sheen wet_um can_ml between_s touch_s handle_s cure_s coat_words].to_h { |name| [name, nil] }
      expect { checked(**bare, coats: -> { coats 0 }) }.not_to raise_error
    end

    {
      key: /small letters/, title: /in words/, summary: /in words/, coats: /a number, 0 for none/,
      over: /a verdict and a reason over film/, wet_um: /a number/, can_ml: /a number/, between_s: /range of seconds/,
      touch_s: /a number/, handle_s: /a number/, cure_s: /a number/, coat_words: /words/, sheen: /gloss, satin, matt/
    }.each do |left_out, words|
      it("is refused without #{left_out}") { expect { checked(left_out => nil) }.to be_refused(words, left_out) }
    end

    it "is refused with a caution that nobody knows" do
      expect { checked(cautions: -> { cautions :dragons }) }.to be_refused(/dragons is none/, :cautions)
    end

    it "has a price of its own once it says what it is sold at" do
      sealer = defined(UpClose::Sealing::Sealer, parts, sold: -> { sold cents: 450, ml: 90 })
      expect(sealer.supply.to_h)
        .to eq(key: "beaten-egg-white", title: "beaten egg white", unit: "ml", cents: 450, amount: 90)
      expect(defined(UpClose::Sealing::Sealer, parts).supply.cents).to be_nil
    end
  end

  describe UpClose::Diagnosis::CauseCheck do
    fault, place = UpClose::Record::FAULTS.keys.first, UpClose::Diagnosis::Facts::PLACES.keys.first
    question = UpClose::Diagnosis::Questions.all.first
    parts = {
      key: -> { key "moonlight" }, title: -> { title "Moonlight" }, usual: -> { usual 0.3 },
      looks_like: -> { looks_like "silver" }, tell_apart: -> { tell_apart "Look at noon." },
      leads_to: -> { leads_to fault => 0.4 }, shows: -> { shows place => 1.0 },
      answers: -> { answers question.key, {question.answers.keys.first => 0.9} }
    }

    define_method(:checked) { |**changed| described_class.call(defined(UpClose::Diagnosis::Cause, parts, **changed)) }

    it "takes the one that says all" do
      expect { checked }.not_to raise_error
    end

    %i[key usual looks_like tell_apart title leads_to].each do |name|
      it "is refused without #{name}" do
        expect { checked(name => nil) }.to raise_error(UpClose::Errors::BadDefinition, /says no #{name}/)
      end
    end

    {
      {leads_to: -> { leads_to "glitter" => 0.4 }} => /leads to glitter, which is no fault/,
      {leads_to: -> { leads_to fault => 1.2 }} => /more than always/,
      {shows: -> { shows moon: 1.0 }} => /shows at moon, which is no place/,
      {answers: -> { answers "moonlight", {"yes" => 1.0} }} => /answers moonlight, which nobody asks/,
      {answers: -> { answers question.key, {"glitter" => 0.9} }} => /in a way it has not/,
      {answers: -> { answers question.key, {question.answers.keys.first => 0.2} }} => /more than always/
    }.each do |changed, words|
      it "is refused where #{words.source}" do
        expect { checked(**changed) }.to raise_error(UpClose::Errors::BadDefinition, words)
      end
    end
  end
end
