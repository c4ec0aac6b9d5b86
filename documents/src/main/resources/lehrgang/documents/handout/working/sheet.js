"use strict";
// What happens on the sheet: answers are judged, explained, kept on the device, saved and printed.
(() => {
  const page = LehrgangPage;
  const say = page.say;
  const sheets = page.sheets.map(data => ({ data, l: Lehrgang.of(data) }));
  const fields = [...document.querySelectorAll("[data-line]")];
  const student = document.getElementById("ws-student");
  const hints = new Map();
  let current = null;
  let judged = page.atOnce;

  const fill = (text, gaps) => text.replace(/\{([a-zA-Z]+)\}/g, (_, gap) => gaps[gap]);
  const place = field => [Number(field.dataset.sheet), Number(field.dataset.line)];
  const boxes = field => field.closest(".tables, .working, .decision, p, li");

  const written = s => Object.fromEntries(fields.filter(f => Number(f.dataset.sheet) === s).map(f => [f.dataset.line, f.value]));
  const marks = () => sheets.map((sheet, s) => sheet.l.mark(written(s)));

  const RIGHT = new Set(["right", "right-rounded", "too-coarse", "follow-through"]);

  const verdictOf = (field, all) => {
    const [s, k] = place(field);
    return sheets[s].l.canJudge(k) ? all[s].get(k) : { verdict: field.value.trim() ? "not-judged" : "blank", slips: [] };
  };

  const lookOf = verdict => verdict === "right" || verdict === "right-rounded" || verdict === "too-coarse" ? "is-right"
    : verdict === "follow-through" ? "follows" : verdict === "slip" || verdict === "wrong" ? "is-wrong"
    : verdict === "unreadable" ? "is-unreadable" : "";

  const line = (kind, where, text) => {
    const p = document.createElement("p");
    p.className = "say " + kind;
    if (where) {
      const strong = document.createElement("strong");
      strong.textContent = where + ". ";
      p.append(strong);
    }
    p.append(text);
    return p;
  };

  const named = (field, several) => {
    const [s, k] = place(field);
    const data = sheets[s].data;
    return several ? data.places[k] || data.names[k] : data.places[k];
  };

  const capital = text => text.charAt(0).toLocaleUpperCase() + text.slice(1);

  // What a slip is called, and the question that helps to find it.
  const slipped = (slips, inside, data) => {
    const known = slips.filter(slip => data.called[slip]);
    if (!known.length) return say.wrong;
    const name = [...new Set(known.map(slip => data.called[slip]))].join(" / ");
    const question = [...new Set(known.map(slip => data.questions[slip]))].filter(q => q !== name).join(" ");
    const written = [...new Set(inside.map(field => field.value.trim()))];
    return (written.length === 1 ? fill(say.slip, { written: written[0], name }) : capital(name) + ".") + " " + question;
  };

  // What is said below a table or a working: once for each slip, and once for what follows.
  const explain = (box, inside, all) => {
    const said = box.nextElementSibling;
    const room = said && said.classList.contains("said") ? said : document.createElement("div");
    room.className = "said";
    room.setAttribute("role", "status");
    room.replaceChildren();
    if (room !== said) box.after(room);
    const groups = new Map();
    const put = (key, field, make) => {
      if (!groups.has(key)) groups.set(key, { fields: [], make });
      groups.get(key).fields.push(field);
    };
    inside.forEach(field => {
      const mark = verdictOf(field, all);
      const data = sheets[place(field)[0]].data;
      const text = key => () => line(key === "follows" || key === "rounded" ? "good" : "bad", "", say[key]);
      switch (mark.verdict) {
        case "slip":
          put(mark.slips.join("|"), field, fs => line("bad", fs.map(f => named(f, inside.length > 1)).filter(Boolean).slice(0, 3).join("; ")
            + (fs.length > 3 ? fill(say.more, { more: fs.length - 3 }) : ""),
            slipped(mark.slips, fs, data)));
          break;
        case "wrong": put("wrong", field, fs => line("bad", fs.map(f => named(f, inside.length > 1)).filter(Boolean).slice(0, 3).join("; ")
          + (fs.length > 3 ? fill(say.more, { more: fs.length - 3 }) : ""), say.wrong)); break;
        case "follow-through": put("follows", field, text("follows")); break;
        case "right-rounded": put("rounded", field, text("rounded")); break;
        case "too-coarse": put("coarse", field, text("coarse")); break;
        case "unreadable": put("unreadable", field, text("unreadable")); break;
        case "not-judged": put("notJudged", field, () => line("plain", "", say.notJudged)); break;
        default:
      }
    });
    groups.forEach(group => room.append(group.make(group.fields)));
    inside.filter(field => hints.get(field)).forEach(field => room.append(hint(field, hints.get(field))));
  };

  // The formula in symbols, and then with the numbers that are known put in.
  const hint = (field, level) => {
    const [s, k] = place(field);
    const data = sheets[s].data;
    const box = document.createElement("div");
    box.className = "say formula";
    const lead = document.createElement("p");
    lead.textContent = (data.places[k] ? data.places[k] + ": " : "") + (level === 1 ? say.formula : say.putIn);
    const set = document.createElement("div");
    set.className = "chain";
    set.innerHTML = level === 1 ? data.symbols[k] : data.numbers[k];
    if (level > 1) {
      const own = written(s);
      set.querySelectorAll("[class^='ref-']").forEach(ref => {
        const at = ref.getAttribute("class").slice(4);
        const number = own[at] && own[at].trim() || data.given[at];
        if (number) {
          const mn = document.createElementNS("http://www.w3.org/1998/Math/MathML", "mn");
          mn.textContent = number;
          ref.replaceChildren(mn);
        }
      });
    }
    box.append(lead, set);
    return box;
  };

  const show = () => {
    const all = marks();
    let right = 0;
    fields.forEach(field => {
      const verdict = verdictOf(field, all).verdict;
      if (RIGHT.has(verdict)) right++;
      field.classList.remove("is-right", "follows", "is-wrong", "is-unreadable");
      const look = judged ? lookOf(verdict) : "";
      if (look) field.classList.add(look);
      field.setAttribute("aria-invalid", look === "is-wrong" || look === "is-unreadable" ? "true" : "false");
    });
    new Set(fields.map(boxes)).forEach(box => {
      const inside = fields.filter(field => boxes(field) === box);
      if (judged) explain(box, inside, all);
      else if (box.nextElementSibling && box.nextElementSibling.classList.contains("said")) box.nextElementSibling.remove();
    });
    document.querySelectorAll("[data-line-again]").forEach(again => {
      const field = fields.find(f => f.dataset.sheet === again.dataset.sheetAgain && f.dataset.line === again.dataset.lineAgain);
      again.textContent = field && field.value.trim() || "…";
    });
    const filled = fields.filter(field => field.value.trim()).length;
    document.getElementById("ws-progress").value = judged ? right : filled;
    document.getElementById("ws-count").textContent =
      fill(judged ? say.right : say.filled, { right, filled, all: fields.length });
  };

  // ---- kept on the device -----------------------------------------------------------------------

  const KEY = "lehrgang-" + page.key;
  const keep = () => {
    try {
      localStorage.setItem(KEY, JSON.stringify({ student: student.value, answers: fields.map(field => field.value) }));
    } catch (e) { /* A browser that keeps nothing still judges. */ }
  };
  const recall = () => {
    try {
      const kept = JSON.parse(localStorage.getItem(KEY) || "null");
      if (kept) {
        student.value = kept.student || "";
        fields.forEach((field, k) => { field.value = kept.answers[k] || ""; });
      }
    } catch (e) { /* What cannot be read is not kept. */ }
  };

  const cell = text => /[",;\n\r]/.test(text) ? "\"" + text.replace(/"/g, "\"\"") + "\"" : text;
  const table = s => {
    const data = sheets[s].data;
    const own = written(s);
    const asked = data.asked.filter(k => k in own);
    return ["student", ...asked.map(k => data.lines[k].id)].map(cell).join(",") + "\r\n"
      + [student.value.trim() || "?", ...asked.map(k => own[k].trim())].map(cell).join(",") + "\r\n";
  };
  const save = () => sheets.forEach((_, s) => {
    const link = document.createElement("a");
    link.href = URL.createObjectURL(new Blob([table(s)], { type: "text/csv" }));
    const who = student.value.trim().replace(/[^\p{L}\p{N}._-]+/gu, "-");
    link.download = "answers" + (sheets.length > 1 ? "-" + (s + 1) : "") + (who ? "-" + who : "") + ".csv";
    document.body.append(link);
    link.click();
    link.remove();
  });

  // ---- what is done -----------------------------------------------------------------------------

  fields.forEach(field => {
    field.addEventListener("focus", () => { current = field; });
    field.addEventListener("input", () => { hints.delete(field); keep(); if (!page.atOnce && judged) { judged = false; show(); } });
    field.addEventListener("change", show);
    field.addEventListener("keydown", key => {
      if (key.key === "Enter") {
        key.preventDefault();
        show();
        const next = fields[fields.indexOf(field) + 1];
        if (next) next.focus(); else field.blur();
      }
    });
  });
  student.addEventListener("input", keep);
  document.getElementById("ws-hint").addEventListener("click", () => {
    const field = current || fields.find(f => !f.value.trim()) || fields[0];
    const [s, k] = place(field);
    if (!sheets[s].data.symbols[k]) return;
    judged = true;
    hints.set(field, Math.min(2, (hints.get(field) || 0) + 1));
    show();
    field.focus();
  });
  document.getElementById("ws-save").addEventListener("click", save);
  document.getElementById("ws-print").addEventListener("click", () => window.print());
  const check = document.getElementById("ws-check");
  if (check) check.addEventListener("click", () => { judged = true; show(); });
  document.getElementById("ws-again").addEventListener("click", () => {
    if (!window.confirm(say.again)) return;
    fields.forEach(field => { field.value = ""; });
    hints.clear();
    judged = page.atOnce;
    keep();
    show();
  });
  recall();
  document.getElementById("ws-progress").max = fields.length;
  show();
  document.getElementById("ws-unjudged").remove();
  window.LehrgangSheet = { table };
})();
