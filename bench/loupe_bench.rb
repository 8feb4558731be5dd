# frozen_string_literal: true

# The loupe under a moving pointer, in the real page: frames drawn a second.
require "ferrum"
require "puma"
require "puma/server"

module Bench
  server = Puma::Server.new(Web, nil, {log_writer: Puma::LogWriter.null})
  port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
  server.run
  mark = Mark.all.find { |m| m.title == "Pellow Ness Light" }
  was = mark.width_mm
  mark.update!(width_mm: 40)
  browser = Ferrum::Browser.new(
    browser_path: "/usr/bin/chromium",
    browser_options: {"no-sandbox" => nil},
    process_timeout: 60,
    timeout: 60,
    window_size: [1280, 800]
  )
  browser.go_to("http://127.0.0.1:#{port}/marks/#{mark.id}/artwork")
  100.times { browser.evaluate("!!document.querySelector('[data-loupe].awake')") ? break : sleep(0.2) }
  frames = browser.evaluate_async(<<~JS, 30)
    const leaf = document.querySelector("[data-loupe]");
    const box = document.querySelector(".looked-art").getBoundingClientRect();
    leaf.focus();
    leaf.dispatchEvent(new KeyboardEvent("keydown", { key: "l", bubbles: true }));
    const pen = document.querySelector("canvas.loupe").getContext("2d");
    let drawn = 0;
    const draw = pen.drawImage.bind(pen);
    pen.drawImage = (...rest) => { drawn += 1; draw(...rest); };
    setTimeout(() => {
      drawn = 0;
      const start = performance.now();
      const tick = () => {
        const passed = performance.now() - start;
        const across = 0.5 + 0.3 * Math.sin(passed / 170);
        const down = 0.5 + 0.3 * Math.cos(passed / 130);
        const at = { clientX: box.x + box.width * across, clientY: box.y + box.height * down };
        leaf.dispatchEvent(new PointerEvent("pointermove", { ...at, pointerType: "mouse", bubbles: true }));
        if (passed < 3000) requestAnimationFrame(tick);
        else arguments[0](drawn / passed * 1000);
      };
      requestAnimationFrame(tick);
    }, 1500);
  JS
  report("loupe on a 40 × 40 mm mark, pointer moving", format("%.0f frames a second", frames), "50")
ensure
  browser&.quit
  server&.stop(true)
  mark&.update!(width_mm: was) if was
end
